import type { Page } from "../page/page.ts";
import { applyToPage } from "./apply.ts";
import type { Edit, Refusal } from "./edits.ts";

/**
 * The first refusal of what a redraft adds to an earlier one; null if all of it can be carried out. Edits that were in the
 * earlier redraft do not count: they may have been refused before, for reasons of their own.
 */
export function refusalOf(original: Page, before: readonly Edit[], after: readonly Edit[]): Refusal | null {
  const earlier = new Set(before.map((edit) => JSON.stringify(edit)));
  return applyToPage(original, after).refused.find(({ edit }) => !earlier.has(JSON.stringify(edit))) ?? null;
}
