import { languageOf } from "#core/page/page";
import { applyToPage } from "#core/rewrite/apply";
import { stemSign } from "#core/site/facets/stems";
import { type Suggestion, suggestPhrases } from "#core/standing/suggest";
import { loadPage } from "./freshen";

/** On how many of a site's pages each stem stands, by its sign. */
export interface StemCounts {
  pages: number;
  signs: string;
  counts: Uint32Array;
}

/** What suggestions for pages of a site are weighed by. */
export interface SuggestingBasis {
  stems: StemCounts;
  list: { text: string; volume: number | null }[];
  /** Words of the links that lead to each page. */
  anchors: Readonly<Record<string, readonly string[]>>;
  /** Stems of the phrases that pages want already. */
  taken: string[];
}

/** What is suggested for a page. */
export interface SuggestedFor {
  pageId: string;
  /** BCP 47, or "". */
  language: string;
  suggestions: Suggestion[];
}

/** Tells of a stem on which part of the pages it stands, 0 to 1. */
export function shareOf({ pages, signs, counts }: StemCounts): (stem: string) => number {
  const bySign = new Map(Array.from(signs, (sign, i) => [sign, counts[i] ?? 0]));
  return (stem) => (bySign.get(stemSign(stem)) ?? 0) / Math.max(1, pages);
}

let last: { of: StemCounts; share: (stem: string) => number } | null = null;

/** What pages could be found for, out of their own words as their redrafts leave them. */
export async function suggestOn(pageIds: readonly string[], basis: SuggestingBasis): Promise<SuggestedFor[]> {
  const { stems, list, anchors } = basis;
  if (last?.of.pages !== stems.pages || last.of.signs !== stems.signs) last = { of: stems, share: shareOf(stems) };
  const { share } = last;
  const suggested: SuggestedFor[] = [];
  for (const pageId of pageIds) {
    const loaded = await loadPage(pageId);
    if (!loaded || loaded.original.fault) continue;
    const { page } = applyToPage(loaded.original, loaded.edits);
    const suggestions = suggestPhrases(page, { anchors: anchors[pageId] ?? [], share, list });
    suggested.push({ pageId, language: languageOf(page), suggestions });
  }
  return suggested;
}
