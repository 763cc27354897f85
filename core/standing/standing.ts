import { wordsOfPath } from "../address/slug.ts";
import { blockWords, contentBlocks, contentHeadings, contentWords, h1Block } from "../page/body.ts";
import { descriptionOf, languageOf, type Page, titleOf } from "../page/page.ts";
import type { MatchKind, PhraseMatch } from "../phrase/phrase-finder.ts";
import { wordsOf } from "../phrase/words.ts";
import type { Phrases } from "./phrase-list.ts";

/**
 * Where a phrase may stand: `body` is the content without its H1 and H2s, `first100` its first hundred words without the H1,
 * `slug` the whole path, `anchors` the words of links that lead to the page.
 */
export const PLACES = ["title", "h1", "h2", "first100", "body", "description", "slug", "alt", "anchors"] as const;
export type PlaceOfPhrase = (typeof PLACES)[number];

/** How a phrase stands on a page. */
export interface Standing {
  /** The best match at each place; null where it is not there. */
  places: Readonly<Record<PlaceOfPhrase, MatchKind | null>>;
  /** How often it is said in the content in order, headings among it. */
  count: number;
  /** Words of what is said of a hundred words of the content. */
  density: number;
}

/** Words from the beginning of the content that count as its first. Common practice, no source. */
const FIRST_WORDS = 100;

const NOWHERE: Standing["places"] = {
  title: null,
  h1: null,
  h2: null,
  first100: null,
  body: null,
  description: null,
  slug: null,
  alt: null,
  anchors: null,
};

const RANK: Readonly<Record<MatchKind, number>> = { exact: 3, form: 2, scattered: 1 };
const better = (a: MatchKind | null, b: MatchKind) => (a === null || RANK[b] > RANK[a] ? b : a);

/**
 * How phrases stand on a page, by their place in the list; those that stand nowhere are left out. One pass over each of the
 * page's texts, however many phrases there are. `anchors` are the words of links that lead to the page.
 */
export function standingsOf(page: Page, list: Phrases, anchors: readonly string[] = []): Map<number, Standing> {
  const language = languageOf(page);
  const finder = list.in(language);
  const found = new Map<number, { places: Record<PlaceOfPhrase, MatchKind | null>; count: number }>();
  const note = ({ phrase, kind }: PhraseMatch, ...places: PlaceOfPhrase[]) => {
    let standing = found.get(phrase);
    if (!standing) {
      standing = { places: { ...NOWHERE }, count: 0 };
      found.set(phrase, standing);
    }
    for (const place of places) standing.places[place] = better(standing.places[place], kind);
    return standing;
  };
  const look = (text: string, place: PlaceOfPhrase) => {
    for (const match of finder.find(text)) note(match, place);
  };

  look(titleOf(page), "title");
  look(descriptionOf(page), "description");
  look(wordsOfPath(page.address), "slug");
  const inHeading = new Map<number, "h1" | "h2">();
  for (const { heading } of contentHeadings(page)) {
    if (heading.level > 2) continue;
    const place = heading.level === 1 ? "h1" : "h2";
    look(heading.text, place);
    inHeading.set(heading.block, place);
  }
  for (const { alt, landmark } of page.images) if (alt && (landmark === null || landmark === "main")) look(alt, "alt");
  for (const text of anchors) look(text, "anchors");

  const h1 = h1Block(page);
  let before = 0;
  for (const { block, index } of contentBlocks(page)) {
    const matches = finder.find(block.text);
    // Where the word behind the first hundred begins, looked for once: a block may hold thousands of matches.
    const end =
      index === h1 || before >= FIRST_WORDS || matches.length === 0
        ? -1
        : (wordsOf(block.text, language)[FIRST_WORDS - before]?.start ?? Number.POSITIVE_INFINITY);
    for (const match of matches) {
      const early = match.start < end;
      const places: PlaceOfPhrase[] = [...(early ? (["first100"] as const) : []), inHeading.get(index) ?? "body"];
      const standing = note(match, ...places);
      if (match.kind !== "scattered") standing.count++;
    }
    if (index !== h1) before += blockWords(block, language);
  }

  const words = contentWords(page);
  return new Map(
    Array.from(found, ([phrase, { places, count }]) => {
      const own = count === 0 ? 0 : wordsOf(list.texts[phrase] ?? "", language).length;
      return [phrase, { places, count, density: words === 0 ? 0 : (count * own * 100) / words }];
    }),
  );
}
