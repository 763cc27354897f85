import { applyToPage } from "#core/rewrite/apply";
import { dataOf } from "#core/structured-data/page-data";
import { writeJsonLd } from "#core/structured-data/write-json-ld";
import { loadPage } from "./freshen";

/** The structured data of a page as its redraft leaves it, as JSON-LD; null where it states none. Runs in a worker. */
export async function dataOfPage(pageId: string): Promise<{ address: string; json: string } | null> {
  const loaded = await loadPage(pageId);
  if (!loaded) return null;
  const { page } = applyToPage(loaded.original, loaded.edits);
  const { roots } = dataOf(page);
  return roots.length === 0 ? null : { address: page.address, json: writeJsonLd(roots) };
}
