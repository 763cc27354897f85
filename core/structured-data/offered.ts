import { FEATURES } from "./features.ts";
import { isKindOf, propertiesOf } from "./vocabulary.ts";

/** A property that could be said of an entity, and why it is offered. */
export interface Offered {
  name: string;
  /** “needed for the dates and place”, or "". */
  why: string;
}

/** What is said of most things, most useful first. Common practice, no source. */
const USEFUL =
  "name description image url sameAs startDate endDate location address telephone email author creator datePublished dateModified offers brand provider organizer keywords inLanguage identifier".split(
    " ",
  );

/** Properties for types: those that their search features need, then those they recommend, then what is said of most things, then all that schema.org has. */
export function offeredFor(types: readonly string[], has: readonly string[]): Offered[] {
  const offered = new Map<string, Offered>();
  const features = FEATURES.filter(
    (feature) => !feature.retired && types.some((type) => feature.types.some((one) => isKindOf(type, one))),
  );
  for (const [part, says] of [
    ["required", "needed"],
    ["recommended", "recommended"],
  ] as const) {
    for (const feature of features)
      for (const { paths } of feature[part])
        for (const path of paths) {
          const name = path.split(".")[0] ?? "";
          if (!offered.has(name)) offered.set(name, { name, why: `${says} for the ${feature.shows}` });
        }
  }
  const own = types.flatMap((type) => propertiesOf(type));
  for (const name of USEFUL)
    if (own.some((one) => one.name === name) && !offered.has(name)) offered.set(name, { name, why: "" });
  for (const type of types)
    for (const { name, supersededBy } of propertiesOf(type))
      if (supersededBy.length === 0 && !offered.has(name)) offered.set(name, { name, why: "" });
  return [...offered.values()].filter(({ name }) => !has.includes(name));
}
