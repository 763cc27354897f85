import type { Column, KnownPage, PlannedRow } from "#core/exchange/table-file";
import { originalFromFields } from "#core/page/original";
import { canonicalOf } from "#core/page/page";
import { readPage } from "#core/page/read";
import type { Field } from "#core/rewrite/field-edit";
import { changePages, type LongWork } from "./act-on-pages";
import { keep, prepare } from "./bring-in";
import { db, type SiteRecord } from "./db";
import { loadOriginal } from "./originals";
import type { Incoming } from "./read-incoming";
import type { PageChange } from "./redraft-pages";

const OPS: Record<string, Column> = {
  "set-title": "title",
  "set-description": "description",
  "set-slug": "slug",
  "set-canonical": "canonical",
};

/** The site's pages as a table is matched with them. */
export async function knownPages(siteId: string): Promise<KnownPage[]> {
  const pages = await db().pages.where("siteId").equals(siteId).toArray();
  const redrafts = new Map(
    (await db().redrafts.where("siteId").equals(siteId).toArray()).map((one) => [one.pageId, one.edits]),
  );
  return pages.map(({ id, address, phrase, title, description, slug, h1 }) => {
    const edits = redrafts.get(id) ?? [];
    const redrafted = edits.flatMap((edit) => OPS[edit.op] ?? (edit.op === "set-heading-text" ? "h1" : []));
    const canonical = edits.find((edit) => edit.op === "set-canonical");
    return {
      id,
      address,
      phrase,
      title,
      description,
      slug,
      h1,
      canonical: canonical && "value" in canonical ? canonical.value : "",
      redrafted,
    };
  });
}

const FIELDS: readonly Column[] = ["title", "description", "slug", "h1"];

/** Carries a plan out: redrafts of pages that are there, and new pages of what a table says. Each is one action. */
export async function applyPlan(
  given: SiteRecord,
  plan: readonly PlannedRow[],
  overwrite: ReadonlySet<number>,
  { onProgress, signal }: LongWork = {},
): Promise<{ changed: number; added: number; refused: { reason: string }[] }> {
  const first = plan.find(({ does }) => does === "add")?.address;
  const site =
    given.address || !first
      ? given
      : {
          ...given,
          address: new URL("/", first).href,
          name: given.name || new URL(first).hostname.replace(/^www\./, ""),
        };
  const changes = new Map<string, PageChange>();
  const incoming = new Map<string, Incoming>();
  for (const row of plan) {
    const wanted = row.changes.filter((change) => change.conflict === null || overwrite.has(row.row));
    if (row.does === "add") {
      const fields = Object.fromEntries(
        wanted.filter(({ column }) => column !== "phrase" && column !== "slug").map(({ column, is }) => [column, is]),
      );
      const phrase = wanted.find(({ column }) => column === "phrase")?.is ?? "";
      incoming.set(row.address, {
        path: "",
        source: originalFromFields(fields),
        address: row.address,
        addressKnown: true,
        phrase,
      });
    } else if (row.does === "change" && row.page && wanted.length > 0) {
      const phrase = wanted.find(({ column }) => column === "phrase")?.is;
      const canonical = wanted.find(({ column }) => column === "canonical")?.is;
      const texts = wanted
        .filter(({ column }) => FIELDS.includes(column))
        .map(({ column, is }) => ({ field: column as Field, text: is }));
      changes.set(row.page, {
        pageId: row.page,
        texts: [...(changes.get(row.page)?.texts ?? []), ...texts],
        ...(phrase !== undefined && { phrase }),
        ...(canonical !== undefined && {
          edits: [{ op: "set-canonical", value: canonical, was: await canonicalNow(row.page) }],
        }),
      });
    }
  }
  const acted = await changePages(
    site,
    [...changes.values()],
    `Apply a table to ${changes.size === 1 ? "1 page" : `${changes.size} pages`}`,
    { ...(onProgress && { onProgress }), ...(signal && { signal }) },
  );
  let added = 0;
  if (incoming.size > 0 && !signal?.aborted) {
    const prepared = await prepare(
      site,
      [...incoming.values()],
      (done) => onProgress?.(changes.size + done),
      signal ?? new AbortController().signal,
    );
    added = (
      await keep(site, prepared, {
        label: `Add ${incoming.size === 1 ? "1 page" : `${incoming.size} pages`} of a table`,
      })
    ).added;
  }
  return { changed: acted.changed, added, refused: acted.refused };
}

async function canonicalNow(pageId: string): Promise<string | null> {
  const record = await db().pages.get(pageId);
  const original = record && (await loadOriginal(record.original));
  return original && record ? canonicalOf(readPage(original, { address: record.address })) : null;
}
