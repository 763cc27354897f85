import { loadAsciiTable, needsAsciiTable } from "../address/ascii.ts";
import { type Page, titleOf } from "../page/page.ts";
import { readableSlug } from "../rules/texts.ts";
import { dataOf } from "../structured-data/page-data.ts";

/** Has structured data that is beyond a quick reading expanded; whether there was any. What does so is loaded when needed. */
export async function expandData(page: Page): Promise<boolean> {
  if (dataOf(page).beyond.length === 0) return false;
  const { expandBeyond } = await import("../structured-data/expand-beyond.ts");
  return expandBeyond(page);
}

/** Has loaded what the fixes of slugs and ids need: letters of other scripts are written in ASCII by a large table. */
export async function prepareFixes(page: Page, phrase = ""): Promise<void> {
  const texts = Array.from(page.headings, ({ text }) => text);
  if (needsAsciiTable(readableSlug(page), titleOf(page), phrase, ...texts)) await loadAsciiTable();
}
