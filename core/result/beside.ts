import { contentHeadings, contentWords } from "../page/body.ts";
import { inASentence } from "../page/in-a-sentence.ts";
import type { Page } from "../page/page.ts";
import { guessKind } from "../page/page-kind.ts";
import { inWords } from "../standing/in-words.ts";
import { fewPhrases } from "../standing/phrase-list.ts";
import { standingsOf } from "../standing/standing.ts";
import { suggestPhrases } from "../standing/suggest.ts";
import { nameOf } from "../structured-data/graph.ts";
import { dataOf } from "../structured-data/page-data.ts";

/** A page as it is held beside another one. */
export interface PageLook {
  address: string;
  sentence: string;
  words: number;
  /** How many headings of levels 1 to 6 the content has. */
  levels: number[];
  outline: { level: number; text: string }[];
  pictures: number;
  /** Pictures of the content without alternative text. */
  withoutAlt: number;
  /** Word groups that it repeats, the weightiest first. */
  phrases: { text: string; count: number }[];
  /** What the phrase that was asked for does on it, in words. */
  phrase: string;
  /** Types and names of what it states as structured data. */
  entities: string[];
}

/** Headings that are shown. */
const MOST_IN_OUTLINE = 60;

/** What is seen of a page when it is held beside another one; `phrase` is what both are to be found for, "" for nothing. */
export function lookOf(page: Page, phrase: string): PageLook {
  const inContent = contentHeadings(page).map(({ heading }) => heading);
  const pictures = page.images.filter(
    ({ landmark }) => landmark === null || landmark === "main" || landmark === "region",
  );
  const standing = phrase === "" ? undefined : standingsOf(page, fewPhrases([phrase])).get(0);
  const { there, missing } = standing ? inWords(standing) : { there: "", missing: "" };
  return {
    address: page.address,
    sentence: `${inASentence(page, guessKind(page))
      .map(({ before, text }) => before + text)
      .join("")}.`,
    words: contentWords(page),
    levels: [1, 2, 3, 4, 5, 6].map((level) => inContent.filter((one) => one.level === level).length),
    outline: inContent.slice(0, MOST_IN_OUTLINE).map(({ level, text }) => ({ level, text })),
    pictures: pictures.length,
    withoutAlt: pictures.filter(({ alt }) => alt === null).length,
    phrases: suggestPhrases(page, { anchors: [], share: () => 0.1, list: [], brand: "" }).map(({ text, count }) => ({
      text,
      count,
    })),
    phrase: [there, missing].filter(Boolean).join("; ") || (phrase === "" ? "" : "nowhere"),
    entities: dataOf(page).roots.map((entity) => [entity.types.join(", "), nameOf(entity)].filter(Boolean).join(": ")),
  };
}
