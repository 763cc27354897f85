import type { PageRecord } from "../store/page-record";
import { beginQueue, DEFAULT_LIMITS } from "../store/queues";
import type { SiteRecord } from "../store/records/sites";

/** Begins to fetch pages of a site again; what has no address of the web is left out. */
export async function fetchAgain(site: SiteRecord, pages: readonly PageRecord[]): Promise<void> {
  const items = pages
    .filter(({ address }) => /^https?:/.test(address))
    .map(({ address }) => ({ address, wanted: "page" as const, depth: 0 }));
  const name = items.length === 1 ? (items[0]?.address ?? "") : `${items.length} pages again`;
  const id = await beginQueue(site, { name, from: "again", limits: { ...DEFAULT_LIMITS, pages: items.length } }, items);
  const { runQueue } = await import("./queue-runner");
  void runQueue(id);
}
