import { writtenData } from "#core/compose/data-edit";
import { type ChangedLine, type SiteWide, stateOnPage } from "#core/compose/site-wide";
import { applyToPage } from "#core/rewrite/apply";
import type { Edit } from "#core/rewrite/edits";
import type { SiteData } from "#core/settings/house-style";
import { loadPage } from "./freshen";

export interface SiteDataPreview {
  pageId: string;
  edits: Edit[];
  lines: ChangedLine[];
  /** Why the page stays as it is; null where it changes or says the same already. */
  reason: string | null;
}

/** What stating an entity of the whole site changes on one page, without changing anything; null where the page is gone. */
export async function previewSiteData(
  pageId: string,
  asked: SiteWide,
  how: SiteData["written"],
): Promise<SiteDataPreview | null> {
  const loaded = await loadPage(pageId);
  if (!loaded) return null;
  const { page } = applyToPage(loaded.original, loaded.edits);
  const written = writtenData([...loaded.settled, ...loaded.edits]);
  const change = stateOnPage({ page, written }, asked, how, crypto.randomUUID());
  return "reason" in change
    ? { pageId, edits: [], lines: [], reason: change.reason }
    : { pageId, ...change, reason: null };
}
