import { PAGE_KINDS, type PageKind } from "#core/page/page-kind";
import { changeInTurn, changePages, type LongWork } from "../store/act-on-pages";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import type { PageChange } from "../store/redraft-pages";
import { removePages } from "../store/remove-pages";
import type { CellChange } from "./grid";

/** What can be done with the records of many pages at once; changes of their texts are proposals. */
export type BulkOperation =
  | { kind: "cells"; cells: CellChange[] }
  | { kind: "page-kind"; to: PageKind }
  | { kind: "ready"; to: boolean }
  | { kind: "remove" };

/** One value of one page, before and after. */
export interface BulkRow {
  page: PageRecord;
  /** What changes, as the preview names it. */
  field: CellChange["edits"] | "ready" | "page";
  was: string;
  is: string;
  /** Why it stays as it is; null where it changes. */
  reason: string | null;
}

const words = (ready: boolean) => (ready ? "ready" : "not ready");

/** What an operation would do, page by page; only what changes, and what it cannot change with the reason. */
export function previewBulk(pages: readonly PageRecord[], operation: BulkOperation): BulkRow[] {
  switch (operation.kind) {
    case "cells":
      return operation.cells.flatMap(({ page, edits, text }): BulkRow[] => {
        if (edits !== "kind")
          return text === page[edits] ? [] : [{ page, field: edits, was: page[edits], is: text, reason: null }];
        const kind = kindOf(text);
        const wrong = kind === null ? `“${text}” is no kind of page.` : null;
        return kind === page.kind
          ? []
          : [{ page, field: edits, was: PAGE_KINDS[page.kind].one, is: text, reason: wrong }];
      });
    case "page-kind":
      return pages
        .filter((page) => page.kind !== operation.to)
        .map((page) => ({
          page,
          field: "kind",
          was: PAGE_KINDS[page.kind].one,
          is: PAGE_KINDS[operation.to].one,
          reason: null,
        }));
    case "ready":
      return pages
        .filter((page) => page.ready !== operation.to)
        .map((page) => ({ page, field: "ready", was: words(page.ready), is: words(operation.to), reason: null }));
    case "remove":
      return pages.map((page) => ({
        page,
        field: "page",
        was: page.edits > 0 ? "in the site, with its redraft" : "in the site",
        is: "removed",
        reason: null,
      }));
  }
}

/** A kind by its key or its name. */
function kindOf(text: string): PageKind | null {
  const wanted = text.trim().toLowerCase();
  const found = Object.entries(PAGE_KINDS).find(
    ([kind, { one, many }]) => kind === wanted || one === wanted || many === wanted,
  );
  return found ? (found[0] as PageKind) : null;
}

/** Carries out what was previewed, as one action. */
export async function applyBulk(
  site: SiteRecord,
  rows: readonly BulkRow[],
  operation: BulkOperation,
  label: string,
  work: LongWork = {},
): Promise<{ changed: number; refused: { reason: string }[] }> {
  const wanted = rows.filter((row) => row.reason === null);
  if (operation.kind === "remove") {
    const pages = wanted.map(({ page }) => page);
    await removePages(site, pages);
    return { changed: pages.length, refused: [] };
  }
  const changes = new Map<string, PageChange>();
  for (const { page, field, is } of wanted) {
    const change = changes.get(page.id) ?? { pageId: page.id, texts: [] };
    changes.set(page.id, change);
    if (field === "phrase") change.phrase = is;
    else if (field === "kind") change.kind = operation.kind === "page-kind" ? operation.to : (kindOf(is) ?? page.kind);
    else if (field === "ready") change.ready = operation.kind === "ready" && operation.to;
    else if (field !== "page") change.texts.push({ field, text: is });
  }
  return changePages(site, [...changes.values()], label, work);
}

/** One cell of the table, as it was typed; its turn to be kept has come. */
export function changeCell(
  site: SiteRecord,
  { page, edits, text }: CellChange,
): Promise<{ changed: number; refused: { reason: string }[] }> {
  const change: PageChange = { pageId: page.id, texts: [] };
  if (edits === "phrase") change.phrase = text;
  else if (edits === "kind") change.kind = kindOf(text) ?? page.kind;
  else change.texts.push({ field: edits, text });
  const name = page.name || page.address;
  const label = `${edits === "kind" ? "Page kind" : `${edits[0]?.toUpperCase()}${edits.slice(1)}`} of ${name.slice(0, 40)}`;
  return changeInTurn(site, [change], label);
}
