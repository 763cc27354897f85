import type { Page } from "#core/page/page";
import { dataOf } from "#core/structured-data/page-data";

/** Has structured data that is beyond a quick reading expanded; whether there was any. What does so is loaded when needed. */
export async function expandData(page: Page): Promise<boolean> {
  if (dataOf(page).beyond.length === 0) return false;
  const { expandBeyond } = await import("#core/structured-data/expand-beyond");
  return expandBeyond(page);
}
