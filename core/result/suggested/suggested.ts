import type { FoundFor } from "../../page/found-for.ts";
import type { PageKind } from "../../page/page-kind.ts";
import type { HouseStyle, ResultLimits } from "../../settings/house-style.ts";

/** A wording that is suggested for a title or a description, out of the page's own words. */
export interface SuggestedText {
  text: string;
  /** Width on one line on the desktop, in px. */
  px: number;
  /** Why it is suggested, the weightiest first; each goes on in “It …”. */
  reasons: string[];
}

/** What suggestions are made with beside the page itself. */
export interface SuggestingBasis {
  /** The target phrase; "" for none. */
  phrase: string;
  audience?: FoundFor["audience"];
  kind: PageKind;
  style: HouseStyle;
  limits: ResultLimits;
  /** Words that go with the phrase. */
  helperWords: readonly string[];
  /** What the house style's pattern makes of the page; absent where there is none. */
  patterned?: { title?: string | undefined; description?: string | undefined };
  /** Whether another page of the site has the same text. */
  taken: (text: string) => boolean;
  /** Of the site's pages, the share that has a stem: 0 to 1. */
  share: (stem: string) => number;
}

/** A wording while it is weighed. */
export interface Weighed {
  text: string;
  /** What it is a wording of: where others wait, two of one family are enough. */
  family: string;
  score: number;
  reasons: string[];
}

/** Wordings of a page that are suggested. */
const MOST = 6;
const MOST_OF_FAMILY = 2;

/**
 * The best of what was weighed, each wording once: two that say the same words stand for one, and no family takes the room of
 * the others.
 */
export function bestOf(
  weighed: readonly Weighed[],
  px: (text: string) => number,
  stems: (text: string) => ReadonlySet<string>,
): SuggestedText[] {
  const kept: { one: Weighed; stems: ReadonlySet<string> }[] = [];
  const sorted = [...weighed].sort((a, b) => b.score - a.score || a.text.length - b.text.length);
  for (const most of [MOST_OF_FAMILY, MOST]) {
    for (const one of sorted) {
      if (kept.length === MOST) break;
      const own = stems(one.text);
      const alike = kept.some(
        ({ stems: others }) => others.size === own.size && [...own].every((stem) => others.has(stem)),
      );
      if (alike || kept.filter(({ one: other }) => other.family === one.family).length >= most) continue;
      kept.push({ one, stems: own });
    }
  }
  return kept
    .sort((a, b) => b.one.score - a.one.score)
    .map(({ one: { text, reasons } }) => ({ text, px: px(text), reasons }));
}

/** Words that promise and say nothing. Common practice, no source. */
const BOASTS =
  /(?<!\p{L})(?:best|amazing|awesome|incredible|unbeatable|ultimate|world[- ]class|leading|no\.? ?1|number one|must[- ]see|perfect|stunning|cheapest|greatest|beste[nrs]?|einzigartig\p{L}*|führend\p{L}*|unschlagbar\p{L}*|meilleure?s?|incontournables?|leader|mejor(?:es)?|increíbles?|migliori?|imperdibil[ei]|melhor(?:es)?)(?!\p{L})|#1|!/iu;

/** Whether a text boasts without saying anything. */
export const isBoast = (text: string): boolean => BOASTS.test(text);
