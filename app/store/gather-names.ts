import { applyToPage } from "#core/rewrite/apply";
import type { HouseStyle } from "#core/settings/house-style";
import { gatherNames } from "#core/site/names";
import { loadPage } from "./freshen";

/** Names that some pages write, as their redrafts leave them. */
export async function namesOn(pageIds: readonly string[], style: HouseStyle): Promise<string[]> {
  const pages = [];
  for (const pageId of pageIds) {
    const loaded = await loadPage(pageId);
    if (loaded && !loaded.original.fault) pages.push(applyToPage(loaded.original, loaded.edits).page);
  }
  return gatherNames(pages, style);
}
