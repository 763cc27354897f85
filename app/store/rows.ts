import { useSyncExternalStore } from "react";
import { db } from "./db";
import { Rows } from "./live-rows";
import { type PageRecord, pageRecord } from "./page-record";
import type { DerivedRecord } from "./records/derived";
import type { StoredPage } from "./records/pages";

/** The pages of a site: each is put together anew where one of its two parts has changed. */
class PageRows {
  private readonly pages: Rows<StoredPage>;
  private readonly derived: Rows<DerivedRecord>;
  private readonly joined = new Map<
    string,
    { page: StoredPage; derived: DerivedRecord | undefined; record: PageRecord }
  >();
  private list: PageRecord[] | null = null;
  private of: unknown[] = [];

  constructor(siteId: string) {
    const inPosition = (a: StoredPage, b: StoredPage) => a.position - b.position;
    this.pages = new Rows({ table: () => db().pages, name: "pages", siteId }, inPosition);
    this.derived = new Rows({ table: () => db().derived, name: "derived", siteId });
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    const ends = [this.pages.subscribe(listener), this.derived.subscribe(listener)];
    return () => {
      for (const end of ends) end();
    };
  };

  /** All pages in order; null until both parts have been read. The same array until something changes. */
  readonly get = (): PageRecord[] | null => {
    const [pages, derived] = [this.pages.get(), this.derived.get()];
    if (!pages || !derived) return null;
    if (this.list && this.of[0] === pages && this.of[1] === derived) return this.list;
    this.of = [pages, derived];
    const byId = new Map(derived.map((one) => [one.id, one]));
    this.list = pages.map((own) => this.recordOf(own, byId.get(own.id)));
    return this.list;
  };

  private recordOf(page: StoredPage, derived: DerivedRecord | undefined): PageRecord {
    const before = this.joined.get(page.id);
    if (before && before.page === page && before.derived === derived) return before.record;
    const record = pageRecord(page, derived);
    this.joined.set(page.id, { page, derived, record });
    return record;
  }
}

const stores = new Map<string, PageRows>();

function rowsOf(siteId: string): PageRows {
  const rows = stores.get(siteId) ?? new PageRows(siteId);
  stores.set(siteId, rows);
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
