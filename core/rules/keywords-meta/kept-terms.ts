import { contentBlocks } from "../../page/body.ts";
import { languageOf, type Page, titleOf } from "../../page/page.ts";
import { findPhrase } from "../../phrase/match.ts";
import { phraseKey, uniquePhrases } from "../../phrase/phrase-key.ts";

/** The terms of a list of meta keywords, each once. */
export const termsOf = (content: string): string[] =>
  uniquePhrases(
    content.split(/[,;]/).map((term) => term.trim()),
    "",
  );

/** Of so many terms those that are worth keeping: what the page is to be found for, then what it says; in their order. */
export function keptTerms(page: Page, terms: readonly string[], wanted: readonly string[], most: number): string[] {
  const language = languageOf(page);
  const texts = [titleOf(page), ...contentBlocks(page).map(({ block }) => block.text)];
  const targets = new Set(wanted.map(phraseKey));
  const says = (term: string) => texts.some((text) => findPhrase(term, text, { language }).length > 0);
  const first = terms.filter((term) => targets.has(phraseKey(term)));
  const then = terms.filter((term) => !first.includes(term) && says(term));
  const kept = new Set([...first, ...then].slice(0, most));
  return terms.filter((term) => kept.has(term));
}
