import { guessKind } from "#core/page/page-kind";
import { patternPage } from "#core/pattern/follow";
import { applyPattern } from "#core/pattern/pattern";
import { suggestDescriptions } from "#core/result/suggested/descriptions";
import type { SuggestedText } from "#core/result/suggested/suggested";
import { suggestTitles } from "#core/result/suggested/titles";
import { applyToPage } from "#core/rewrite/apply";
import { type HouseStyle, limitsOf, styleForKind } from "#core/settings/house-style";
import type { CountedStems } from "#core/site/index/stem-counts";
import { loadPage } from "./freshen";
import { sharesOf } from "./stem-shares";
import { today } from "./today";

/** What texts of a page are suggested by beside itself. */
export interface TextsBasis {
  stems: CountedStems;
  /** Words that go with its phrase. */
  helperWords: readonly string[];
}

/** Titles and descriptions that are suggested for a page. */
export interface SuggestedTexts {
  titles: SuggestedText[];
  descriptions: SuggestedText[];
}

/** Titles and descriptions for a page, out of its own words as its redraft leaves them; null where it is gone. */
export async function suggestTextsOn(
  pageId: string,
  style: HouseStyle,
  { stems, helperWords }: TextsBasis,
): Promise<SuggestedTexts | null> {
  const loaded = await loadPage(pageId);
  if (!loaded) return null;
  const { stored, original, edits } = loaded;
  const { page } = applyToPage(original, edits);
  const kind = stored.chosenKind ?? guessKind(page);
  const own = styleForKind(style, kind);
  const context = { page: patternPage(original, edits), houseStyle: style, kind, today: today() };
  const made = (pattern: string | undefined) => {
    const result = pattern ? applyPattern(pattern, context as never) : null;
    return result && "text" in result ? result.text : undefined;
  };
  const basis = {
    phrase: stored.phrase,
    audience: stored.audience,
    kind,
    style: own,
    limits: limitsOf(own),
    helperWords,
    patterned: { title: made(own.patterns?.title), description: made(own.patterns?.description) },
    // Which of them other pages have is known where all pages are.
    taken: () => false,
    share: sharesOf(stems),
  };
  return { titles: suggestTitles(page, basis), descriptions: suggestDescriptions(page, basis) };
}
