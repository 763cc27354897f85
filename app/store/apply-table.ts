import type { Column } from "#core/exchange/column-names";
import type { PageToMatch, PlannedRow } from "#core/exchange/table-file";
import { originalFromFields } from "#core/page/original";
import type { Edit } from "#core/rewrite/edits";
import type { Field } from "#core/rewrite/field-edit";
import { changePages, type LongWork } from "./act-on-pages";
import { keep, prepare } from "./bring-in";
import { canonicalNow } from "./canonical";
import { db } from "./db";
import { loadPageRecords } from "./page-record";
import type { Incoming } from "./read-incoming";
import type { SiteRecord } from "./records/sites";
import type { PageChange } from "./redraft-pages";
import { isPart } from "./transact";

const OPS: Record<string, Column> = {
  "set-title": "title",
  "set-description": "description",
  "set-slug": "slug",
  "set-canonical": "canonical",
};

/** The site's pages as a table is matched with them. */
export async function pagesToMatch(siteId: string): Promise<PageToMatch[]> {
  const pages = await loadPageRecords(siteId);
  const redrafts = new Map<string, Edit[]>();
  for (const { pageId, edit } of await db().changes.where("siteId").equals(siteId).filter(isPart).toArray())
    redrafts.set(pageId, [...(redrafts.get(pageId) ?? []), edit]);
  return pages.map(({ id, address, phrase, title, description, slug, h1 }) => {
    const edits = redrafts.get(id) ?? [];
    const redrafted = edits.flatMap((edit) => OPS[edit.op] ?? (edit.op === "set-heading-text" ? "h1" : []));
    // What a redraft sets is said by itself: the row may not have been worked out since.
    const set = new Map(edits.flatMap((edit) => ("value" in edit ? [[edit.op as string, edit.value] as const] : [])));
    return {
      id,
      address,
      phrase,
      title: set.get("set-title") ?? title,
      description: set.get("set-description") ?? description,
      slug: set.get("set-slug") ?? slug,
      h1,
      canonical: set.get("set-canonical") ?? "",
      redrafted,
    };
  });
}

const FIELDS: readonly Column[] = ["title", "description", "slug", "h1"];

/** Carries a plan out: redrafts of pages that are there, and new pages of what a table says, as one step of undo. */
export async function applyPlan(
  given: SiteRecord,
  plan: readonly PlannedRow[],
  taken: ReadonlySet<number>,
  { onProgress, signal }: LongWork = {},
): Promise<{ changed: number; added: number; refused: { reason: string }[] }> {
  const rows = plan.filter(({ row }) => taken.has(row));
  const first = rows.find(({ does }) => does === "add")?.address;
  const site =
    given.address || !first
      ? given
      : {
          ...given,
          address: new URL("/", first).href,
          name: given.name || new URL(first).hostname.replace(/^www\./, ""),
        };
  const changes = new Map<string, PageChange>();
  const added = new Map<string, { address: string; texts: Map<Column, string> }>();
  for (const { does, page, of, address, changes: wanted } of rows) {
    const said = new Map<Column, string>(wanted.map(({ column, is }) => [column, is]));
    if (does === "add") {
      // Of several rows for one page the later ones are taken for what they say.
      const before = added.get(of);
      added.set(of, { address: before?.address ?? address, texts: new Map([...(before?.texts ?? []), ...said]) });
    } else if (does === "change" && page) {
      const phrase = said.get("phrase");
      const canonical = said.get("canonical");
      const before = changes.get(page);
      const texts = FIELDS.flatMap((field) => {
        const text = said.get(field);
        return text === undefined ? [] : [{ field: field as Field, text }];
      });
      changes.set(page, {
        ...before,
        pageId: page,
        texts: [...(before?.texts ?? []), ...texts],
        ...(phrase !== undefined && { phrase }),
        ...(canonical !== undefined && {
          edits: [{ op: "set-canonical", value: canonical, was: await canonicalNow(page) }],
        }),
      });
    }
  }
  const many = changes.size + added.size;
  const label = `Apply a table to ${many === 1 ? "1 page" : `${many} pages`}`;
  const group = crypto.randomUUID();
  const acted = await changePages(
    site,
    [...changes.values()],
    label,
    { ...(onProgress && { onProgress }), ...(signal && { signal }) },
    group,
  );
  if (added.size === 0 || signal?.aborted) return { changed: acted.changed, added: 0, refused: acted.refused };
  const incoming = Array.from(added.values(), ({ address, texts }): Incoming => {
    const { phrase = "", ...fields } = Object.fromEntries(texts);
    return { path: "", source: originalFromFields(fields), address, addressGiven: true, phrase };
  });
  const prepared = await prepare(
    site,
    incoming,
    (done) => onProgress?.(changes.size + done),
    signal ?? new AbortController().signal,
  );
  const kept = await keep(site, prepared, { label, group });
  return { changed: acted.changed, added: kept.added, refused: acted.refused };
}
