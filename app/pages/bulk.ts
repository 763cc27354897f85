import * as Comlink from "comlink";
import { widthOf } from "#core/measure/width";
import { PAGE_KINDS, type PageKind } from "#core/page/page-kind";
import { setDescription, setTitle } from "#core/result/result";
import { descriptionStyle, titleStyle } from "#core/result/styles";
import type { TextChange } from "#core/rewrite/bulk";
import type { Field } from "#core/rewrite/field-edit";
import { limitsOf, styleForKind } from "#core/settings/house-style";
import { changePages, type LongWork, removePages } from "../store/act-on-pages";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import type { PageChange, PageTextChange } from "../store/redraft-pages";
import { today } from "../store/today";
import { onPoolAll } from "../workers/pool";
import type { TextsWorker } from "../workers/texts.worker";
import type { CellChange } from "./grid";

/** What can be done with many pages at once. */
export type BulkOperation =
  | { kind: "texts"; change: TextChange; fields: Field[] }
  | { kind: "page-texts"; change: PageTextChange; fields: Field[] }
  | { kind: "cells"; cells: CellChange[] }
  | { kind: "page-kind"; to: PageKind }
  | { kind: "ready"; to: boolean }
  | { kind: "remove" };

/** One text of one page, before and after. */
export interface BulkRow {
  page: PageRecord;
  /** What changes, as the preview names it. */
  field: Field | "phrase" | "kind" | "ready" | "page";
  was: string;
  is: string;
  /** Why it stays as it is; null where it changes. */
  reason: string | null;
  /** Words that keep their capitals because they may be names. */
  unsure?: readonly string[];
}

/** The width of a text in its search result and whether it is cut; null for what stands in no result. */
export function measured(
  site: SiteRecord,
  page: PageRecord,
  field: BulkRow["field"],
  text: string,
): { px: number; cut: boolean } | null {
  if (field !== "title" && field !== "description") return null;
  const limits = limitsOf(styleForKind(site.houseStyle, page.kind));
  const shown = text.slice(0, 2000);
  return field === "title"
    ? { px: Math.round(widthOf(shown, titleStyle("desktop"))), cut: setTitle(shown, "desktop", limits).lost !== "" }
    : {
        px: Math.round(widthOf(shown, descriptionStyle("desktop"))),
        cut: setDescription(shown, "desktop", limits).lost !== "",
      };
}

/** Time that a regular expression has for all texts, in milliseconds. */
const EXPRESSION_MS = 5000;

async function changedTexts(
  site: SiteRecord,
  pages: readonly PageRecord[],
  change: TextChange,
  field: Field,
): Promise<string[] | { reason: string }> {
  const worker = new Worker(new URL("../workers/texts.worker.ts", import.meta.url), { type: "module" });
  const late = new Promise<{ reason: string }>((resolve) =>
    setTimeout(
      () =>
        resolve({
          reason: "This expression takes too long. Write it so that it does not try the same place in many ways.",
        }),
      EXPRESSION_MS,
    ),
  );
  const contexts = pages.map(() => ({
    brand: site.houseStyle.brand,
    separator: site.houseStyle.separator,
    language: "en",
  }));
  try {
    const run = Comlink.wrap<TextsWorker>(worker).changeTexts(
      change,
      pages.map((page) => page[field]),
      contexts,
    );
    return await Promise.race([run, late]);
  } finally {
    worker.terminate();
  }
}

const words = (ready: boolean) => (ready ? "ready" : "not ready");

/** What an operation would do, page by page; only what changes, and what it cannot change with the reason. */
export async function previewBulk(
  site: SiteRecord,
  pages: readonly PageRecord[],
  operation: BulkOperation,
  { onProgress, signal }: LongWork = {},
): Promise<BulkRow[] | { reason: string }> {
  switch (operation.kind) {
    case "texts": {
      const rows: BulkRow[] = [];
      for (const field of operation.fields) {
        const texts = await changedTexts(site, pages, operation.change, field);
        if (!Array.isArray(texts)) return texts;
        pages.forEach((page, i) => {
          const is = texts[i] ?? page[field];
          if (is !== page[field]) rows.push({ page, field, was: page[field], is, reason: null });
        });
      }
      return rows;
    }
    case "page-texts": {
      const byId = new Map(pages.map((page) => [page.id, page]));
      const date = today();
      const found = await onPoolAll(
        pages,
        (worker, page) => worker.previewFields(site, page.id, operation.fields, operation.change, date),
        {
          ...(signal && { signal }),
          onResult: (_, done) => onProgress?.(done),
        },
      );
      return found
        .flatMap((one) => one ?? [])
        .flatMap(({ pageId, field, was, is, reason: refused, unsure }) => {
          const page = byId.get(pageId);
          const follows = operation.change.kind === "pattern";
          const names = was === is && unsure ? `It stays as it is: ${unsure.join(", ")} may be names.` : null;
          const reason = refused ?? names;
          const row = { field, was, is, reason, ...(unsure && { unsure }) };
          return page && (reason !== null || was !== is || follows) ? [{ page, ...row }] : [];
        });
    }
    case "cells":
      return operation.cells.map(({ page, edits, text }) => {
        const wrong = edits === "kind" && kindOf(text) === null ? `“${text}” is no kind of page.` : null;
        return {
          page,
          field: edits,
          was: edits === "kind" ? PAGE_KINDS[page.kind].one : page[edits],
          is: text,
          reason: wrong,
        };
      });
    case "page-kind":
      return pages
        .filter((page) => page.kind !== operation.to || page.kindBy === "guess")
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
  const pattern =
    operation.kind === "page-texts" && operation.change.kind === "pattern" ? operation.change.pattern : undefined;
  const changes = new Map<string, PageChange>();
  for (const { page, field, is } of wanted) {
    const change = changes.get(page.id) ?? { pageId: page.id, texts: [] };
    changes.set(page.id, change);
    if (field === "phrase") change.phrase = is;
    else if (field === "kind") change.kind = operation.kind === "page-kind" ? operation.to : (kindOf(is) ?? page.kind);
    else if (field === "ready") change.ready = operation.kind === "ready" && operation.to;
    else if (field !== "page") change.texts.push({ field, text: is, ...(pattern !== undefined && { pattern }) });
  }
  return changePages(site, [...changes.values()], label, work);
}

/** One cell of the table, kept as it was typed. */
export function keepCell(
  site: SiteRecord,
  { page, edits, text }: CellChange,
): Promise<{ changed: number; refused: { reason: string }[] }> {
  const change: PageChange = { pageId: page.id, texts: [] };
  if (edits === "phrase") change.phrase = text;
  else if (edits === "kind") change.kind = kindOf(text) ?? page.kind;
  else change.texts.push({ field: edits, text });
  const name = page.name || page.address;
  return changePages(
    site,
    [change],
    `${edits === "kind" ? "Page kind" : `${edits[0]?.toUpperCase()}${edits.slice(1)}`} of ${name.slice(0, 40)}`,
  );
}
