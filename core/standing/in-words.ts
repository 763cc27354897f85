import type { MatchKind } from "../phrase/phrase-finder.ts";
import { PLACES, type PlaceOfPhrase, type Standing } from "./standing.ts";

/** What the places are called in a sentence. */
export const PLACE_NAMES: Readonly<Record<PlaceOfPhrase, string>> = {
  title: "title",
  h1: "H1",
  h2: "H2",
  first100: "first 100 words",
  body: "body",
  description: "description",
  slug: "slug",
  alt: "alternative texts",
  anchors: "links to it",
};

/** Places where a target phrase is expected: that it is missing there is said. Common practice, no source. */
const EXPECTED: readonly PlaceOfPhrase[] = ["title", "h1", "h2", "first100", "body", "description", "slug"];

const HOW: Readonly<Record<MatchKind, string>> = { exact: "", form: " in another form", scattered: " scattered" };

/** Where a phrase stands, and where it is expected and does not, in words; either may be "". */
export function inWords({ places, count }: Pick<Standing, "places" | "count">): { there: string; missing: string } {
  const named = (place: PlaceOfPhrase) =>
    place === "body" && count > 1 ? `${PLACE_NAMES.body} ${count} times` : PLACE_NAMES[place];
  const groups = (["exact", "form", "scattered"] as const).flatMap((kind) => {
    const here = PLACES.filter((place) => places[place] === kind).map(named);
    return here.length > 0 ? [here.join(", ") + HOW[kind]] : [];
  });
  const missing = EXPECTED.filter((place) => places[place] === null).map((place) => PLACE_NAMES[place]);
  return { there: groups.join("; "), missing: missing.length > 0 ? `not in ${missing.join(", ")}` : "" };
}
