import { languageOf } from "#core/page/page";
import { applyToPage } from "#core/rewrite/apply";
import type { CountedStems } from "#core/site/index/stem-counts";
import { type Suggestion, suggestPhrases } from "#core/standing/suggest";
import { loadPage } from "./freshen";
import { sharesOf } from "./stem-shares";

/** What suggestions for pages of a site are weighed by. */
export interface SuggestingBasis {
  stems: CountedStems;
  list: { text: string; volume: number | null }[];
  /** The site's name, or "". */
  brand: string;
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

/** What pages could be found for, out of their own words as their redrafts leave them. */
export async function suggestOn(pageIds: readonly string[], basis: SuggestingBasis): Promise<SuggestedFor[]> {
  const { stems, list, brand, anchors } = basis;
  const share = sharesOf(stems);
  const suggested: SuggestedFor[] = [];
  for (const pageId of pageIds) {
    const loaded = await loadPage(pageId);
    if (!loaded || loaded.original.fault) continue;
    const { page } = applyToPage(loaded.original, loaded.edits);
    const suggestions = suggestPhrases(page, { anchors: anchors[pageId] ?? [], share, list, brand });
    suggested.push({ pageId, language: languageOf(page), suggestions });
  }
  return suggested;
}
