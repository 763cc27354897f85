import type { FoundFor } from "../../page/found-for.ts";
import type { PageKind } from "../../page/page-kind.ts";
import { contentStems } from "../../phrase/content-stems.ts";
import { findPhrase } from "../../phrase/match.ts";
import type { MatchKind } from "../../phrase/phrase-finder.ts";
import { tokensOf } from "../../phrase/tokens.ts";
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
/** Of what was weighed so many are set on mobile too: that takes longer than all else. */
const MOST_SET = 40;

/** How a text says a phrase, what that is worth, and the reason in words; null where it does not. */
export function phraseIn(
  text: string,
  phrase: string,
  language: string,
): { kind: MatchKind; first: boolean; reason: string } | null {
  const [found] = phrase === "" ? [] : findPhrase(phrase, text, { language });
  if (!found) return null;
  const { kind, start, end } = found;
  const first = kind !== "scattered" && start === 0;
  const words = text.slice(start, end);
  const reason =
    kind === "scattered" ? `has the words of “${phrase}”` : first ? `begins with “${words}”` : `has “${words}”`;
  return { kind, first, reason };
}

/**
 * The best of what was weighed: no wider than the desktop shows, those that mobile shows whole before others. Two that have
 * the same words stand for one, and no family takes the room of the others.
 */
export function bestOf(
  weighed: readonly Weighed[],
  {
    px,
    limit,
    isWholeOnMobile,
    language,
  }: {
    /** Width on the desktop, in px, and how much is shown there. */
    px: (text: string) => number;
    limit: number;
    isWholeOnMobile: (text: string) => boolean;
    language: string;
  },
): SuggestedText[] {
  const sorted = weighed
    .toSorted((a, b) => b.score - a.score || a.text.length - b.text.length)
    .slice(0, MOST_SET)
    .filter(({ text }) => px(text) <= limit)
    .map((one) =>
      isWholeOnMobile(one.text)
        ? { ...one, score: one.score + WHOLE, reasons: [...one.reasons, "is cut on neither device"] }
        : one,
    )
    .sort((a, b) => b.score - a.score || a.text.length - b.text.length);
  const kept: { one: Weighed; stems: ReadonlySet<string> }[] = [];
  for (const most of [MOST_OF_FAMILY, MOST]) {
    for (const one of sorted) {
      if (kept.length === MOST) break;
      const stems = contentStems(one.text, language);
      const alike = kept.some(
        (other) => other.stems.size === stems.size && [...stems].every((stem) => other.stems.has(stem)),
      );
      if (alike || kept.filter(({ one: other }) => other.family === one.family).length >= most) continue;
      kept.push({ one, stems });
    }
  }
  return kept
    .sort((a, b) => b.one.score - a.one.score)
    .map(({ one: { text, reasons } }) => ({ text, px: px(text), reasons }));
}

/**
 * Tells of a text whether it is worse than what stands there: it has no word that this lacks, and says the phrase no better. What
 * stands there is cut, or repeats itself, where `sound` is false: then less may be more.
 */
export function worseThan(
  now: string,
  { phrase, language, sound }: { phrase: string; language: string; sound: boolean },
) {
  const words = contentStems(now, language);
  const said = phraseIn(now, phrase, language);
  return (text: string): boolean => {
    if (!sound || words.size === 0) return false;
    if ([...contentStems(text, language)].some((stem) => !words.has(stem))) return false;
    const better = phraseIn(text, phrase, language);
    return (
      better === null ||
      (said !== null && KINDS.indexOf(better.kind) >= KINDS.indexOf(said.kind) && !(better.first && !said.first))
    );
  };
}
const KINDS: readonly MatchKind[] = ["exact", "form", "scattered"];

/** How often content words of a text are said again. */
export function repeated(text: string, language: string): number {
  const stems = tokensOf(text, { language }).flatMap(({ stem, stop }) => (stop ? [] : [stem]));
  return stems.length - new Set(stems).size;
}

/** What it is worth that nothing of a text is lost on mobile. Common practice, no source. */
const WHOLE = 1;

/** Words that promise and say nothing. Common practice, no source. */
const BOASTS =
  /(?<!\p{L})(?:best|amazing|awesome|incredible|unbeatable|ultimate|world[- ]class|leading|no\.? ?1|number one|must[- ]see|perfect|stunning|cheapest|greatest|beste[nrs]?|einzigartig\p{L}*|führend\p{L}*|unschlagbar\p{L}*|meilleure?s?|incontournables?|leader|mejor(?:es)?|increíbles?|migliori?|imperdibil[ei]|melhor(?:es)?)(?!\p{L})|#1|!/iu;

/** Whether a text boasts without saying anything. */
export const isBoast = (text: string): boolean => BOASTS.test(text);
