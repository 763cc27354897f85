import type { SiteRecord } from "./records/sites";
import { transact } from "./transact";

/** Takes pages out of the site, with their redrafts: one action that can be undone. */
export async function removePages(site: SiteRecord, pages: readonly { id: string }[]): Promise<void> {
  await transact(site.id, pages.length === 1 ? "Remove 1 page" : `Remove ${pages.length} pages`, async (tx) => {
    for (const { id } of pages) await tx.remove("pages", id);
  });
}
