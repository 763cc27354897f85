import type { Page } from "../page/page.ts";
import { dataOf } from "../structured-data/page-data.ts";

/** Has structured data that is beyond a quick reading expanded; whether there was any. What does so is loaded when needed. */
export async function expandData(page: Page): Promise<boolean> {
  if (dataOf(page).beyond.length === 0) return false;
  const { expandBeyond } = await import("../structured-data/expand-beyond.ts");
  return expandBeyond(page);
}
