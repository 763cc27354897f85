import type { Page } from "#core/page/page";
import { guessKind } from "#core/page/page-kind";
import { readPage } from "#core/page/read";
import { followPatterns } from "#core/pattern/follow";
import { applyToPage } from "#core/rewrite/apply";
import type { Edit } from "#core/rewrite/edits";
import { audit } from "#core/rules/audit";
import { type HouseStyle, stampOf, styleForKind } from "#core/rules/house-style";
import { writtenData } from "#core/structured-data/data-edit";
import { db, type PageRecord, type SetAsideRecord, type SiteRecord } from "./db";
import { examine, setAsideFor, summaryRecord } from "./examine";
import { expandData } from "./expand";
import { loadOriginal } from "./originals";

/** A page as it is kept, read and with its redraft. */
export interface LoadedPage {
  record: PageRecord;
  original: Page;
  edits: readonly Edit[];
  /** Edits that the site has taken over, which know where their data came from. */
  settled: readonly Edit[];
}

/** Loads and reads a page; null where its record or its source is gone. */
export async function loadPage(pageId: string): Promise<LoadedPage | null> {
  const record = await db().pages.get(pageId);
  const source = record && (await loadOriginal(record.original));
  if (!record || !source) return null;
  const redraft = await db().redrafts.get(pageId);
  const original = readPage(source, { address: record.address });
  await expandData(original);
  return { record, original, edits: redraft?.edits ?? [], settled: redraft?.settled ?? [] };
}

export interface Freshened {
  record: PageRecord;
  summary: ReturnType<typeof summaryRecord>;
  edits: readonly Edit[];
}

/** Works out anew what follows from a page and its redraft; patterns are resolved again. */
export function freshen(
  { record, original, edits, settled }: LoadedPage,
  houseStyle: HouseStyle,
  setAsides: readonly SetAsideRecord[],
  today: string,
): Freshened {
  const kind = record.kindBy === "guess" ? guessKind(original) : record.kind;
  const style = styleForKind(houseStyle, kind);
  const moved = followPatterns(edits, { page: original, houseStyle: style, today });
  const { page } = applyToPage(original, moved);
  const context = {
    phrase: record.phrase || null,
    houseStyle: style,
    today,
    written: writtenData([...settled, ...moved]),
  };
  const findings = audit(page, context);
  const open = findings.filter((finding) => !setAsideFor(finding, record.id, setAsides));
  const derived = examine(page, { findings: open, houseStyle: style, edits: moved, stamp: stampOf(houseStyle, today) });
  return {
    record: { ...record, kind, ...derived },
    summary: summaryRecord(record.id, record.siteId, page, record),
    edits: moved,
  };
}

/**
 * Audits kept pages again and writes what follows; nothing of it is an action of the editor's. A page that was changed
 * meanwhile is left for the next time. Returns how many were written.
 */
export async function examinePages(site: SiteRecord, ids: readonly string[], today: string): Promise<number> {
  const setAsides = await db().setAsides.where("siteId").equals(site.id).toArray();
  const results: { loaded: LoadedPage; fresh: Freshened }[] = [];
  for (const id of ids) {
    const loaded = await loadPage(id);
    if (loaded) results.push({ loaded, fresh: freshen(loaded, site.houseStyle, setAsides, today) });
  }
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
  return db().transaction("rw", ["pages", "summaries", "redrafts"], async () => {
    let written = 0;
    for (const { loaded, fresh } of results) {
      const redraft = await db().redrafts.get(loaded.record.id);
      if (!same(await db().pages.get(loaded.record.id), loaded.record) || !same(redraft?.edits ?? [], loaded.edits))
        continue;
      await db().pages.put(fresh.record);
      await db().summaries.put(fresh.summary);
      if (redraft && fresh.edits !== loaded.edits) await db().redrafts.put({ ...redraft, edits: [...fresh.edits] });
      written++;
    }
    return written;
  });
}
