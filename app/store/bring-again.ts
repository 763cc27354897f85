import { sourceOf } from "#core/page/original";
import type { Page } from "#core/page/page";
import { readPage } from "#core/page/read";
import { carryOver } from "#core/rewrite/carry-over";
import type { OriginalRecord, PageRecord, RedraftRecord, SiteRecord } from "./db";
import { db } from "./db";
import { freshen } from "./freshen";
import { loadOriginal, packOriginal } from "./originals";
import { type Incoming, linksOf, originalOf } from "./read-incoming";
import { redraftFacts } from "./redraft";

/** A page that was brought in again: what is to be kept of it. */
export interface BroughtAgain {
  record: PageRecord;
  summary: ReturnType<typeof freshen>["summary"];
  redraft: RedraftRecord | null;
  /** Null where the source is the same as before. */
  original: OriginalRecord | null;
  kept: number;
  settled: number;
  conflicts: number;
  links: string[];
  /** Where its source came from: its own address, or where that has moved to. */
  fetchedFrom: string;
}

/** Carries a page's redraft over to its new source; null where the page is gone. */
export async function carryOverPage(
  site: SiteRecord,
  pageId: string,
  incoming: Incoming,
  today: string,
): Promise<BroughtAgain | null> {
  const record = await db().pages.get(pageId);
  if (!record) return null;
  const source = originalOf(incoming);
  const before = await loadOriginal(record.original);
  const unchanged = before !== null && before.kind === source.kind && sourceOf(before) === sourceOf(source);
  const original: Page = readPage(source, { address: record.address });
  const redraft = await db().redrafts.get(pageId);
  const carried = unchanged
    ? { kept: redraft?.edits ?? [], settled: [], conflicts: [] }
    : carryOver(redraft?.edits ?? [], original);
  const conflicts = [...(redraft?.conflicts ?? []), ...carried.conflicts];
  const settled = [...(redraft?.settled ?? []), ...carried.settled];
  const packed = unchanged ? null : await packOriginal(crypto.randomUUID(), site.id, source);
  const setAsides = await db().setAsides.where("siteId").equals(site.id).toArray();
  const own: PageRecord = {
    ...record,
    ...redraftFacts(carried.kept),
    original: packed?.id ?? record.original,
    format: source.kind,
    conflicts: conflicts.length,
    settled: settled.length,
    ready: record.ready && carried.conflicts.length === 0,
  };
  const fresh = freshen({ record: own, original, edits: carried.kept, settled }, site.houseStyle, setAsides, today);
  const kept = fresh.edits.length + conflicts.length + settled.length > 0;
  return {
    record: fresh.record,
    summary: fresh.summary,
    redraft: kept ? { pageId, siteId: site.id, edits: [...fresh.edits], conflicts, settled } : null,
    original: packed,
    kept: carried.kept.length,
    settled: carried.settled.length,
    conflicts: carried.conflicts.length,
    links: linksOf(original),
    fetchedFrom: incoming.address,
  };
}
