import { useSyncExternalStore } from "react";
import { db, type PageRecord } from "./db";
import { Rows } from "./live-rows";

const stores = new Map<string, Rows<PageRecord>>();

function rowsOf(siteId: string): Rows<PageRecord> {
  let rows = stores.get(siteId);
  if (!rows) {
    rows = new Rows<PageRecord>(
      () => db().pages,
      "pages",
      siteId,
      (a, b) => a.position - b.position,
    );
    stores.set(siteId, rows);
  }
  return rows;
}

const keptUp = new Set<string>();

/** Begins to read a site's pages, before the screen that shows them is drawn; they are kept up from then on. */
export function beginRows(siteId: string): void {
  if (keptUp.has(siteId)) return;
  keptUp.add(siteId);
  rowsOf(siteId).subscribe(() => {});
}

const none = () => null;

/** The site's pages in the order in which they were brought in; null while they are read. */
export function usePageRows(siteId: string): readonly PageRecord[] | null {
  const rows = rowsOf(siteId);
  return useSyncExternalStore(rows.subscribe, rows.get, none);
}
