import { ADDRESS_LIST, addressListCsv } from "#core/exchange/address-list";
import { changeListCsv, type ListedPage } from "#core/exchange/change-list";
import { csvOf } from "#core/exchange/csv";
import { freeName } from "#core/exchange/file-name";
import type { PackedFile } from "#core/exchange/zip";
import { type Edit, type Refusal, slotOf } from "#core/rewrite/edits";
import { onPool, onPoolAll } from "../workers/pool";
import type { LongWork } from "./act-on-pages";
import { db } from "./db";
import { allKept } from "./keeping";
import { sorted } from "./takes";
import { isPart, write } from "./transact";
import { handOverPage, type WrittenOf, type WrittenPage } from "./write-page";

/**
 * Notes what was handed over of pages, with each change, so that it is known what has moved on afterwards, and what the site
 * has taken over when it comes back. It is no action of the editor's: there is nothing in it to undo.
 */
function noteHanded(pages: readonly { id: string; edits: readonly Edit[] }[]): Promise<void> {
  const at = new Date().toISOString();
  return write(async (tx) => {
    for (const { id, edits } of pages) {
      const handed = new Map(edits.map((edit) => [slotOf(edit), edit]));
      for (const change of await tx.of("changes", "pageId", id)) {
        const edit = handed.get(slotOf(change.edit));
        if (isPart(change) && edit) await tx.put("changes", { ...change, handed: edit });
      }
      await tx.update("pages", id, (page) => ({ ...page, handedAt: at, withdrawn: false }));
    }
  });
}

/** The source of one page, or its change list where there is no source; noted as handed over. */
export async function handOverOne(
  page: WrittenOf,
  edits: readonly Edit[],
): Promise<{ file: PackedFile; refused: Refusal[] }> {
  const { file, refused } = await handOverPage(page, edits);
  await allKept();
  const handed = edits.filter((edit) => !refused.some((one) => one.edit === edit));
  if (edits.length > 0) await noteHanded([{ id: page.id, edits: handed }]);
  return { file: file ?? changeList([{ address: page.address, edits: [...edits] }]), refused };
}

const changeList = (changes: readonly ListedPage[]): PackedFile => ({
  path: "changes.csv",
  bytes: new TextEncoder().encode(`\ufeff${changeListCsv(changes)}`),
});

/** The address of each exported file, as its changes leave it: file names do not say it once a slug has changed. */
const addressList = (pages: readonly { file: string; address: string }[]): PackedFile => ({
  path: ADDRESS_LIST,
  bytes: new TextEncoder().encode(`\ufeff${addressListCsv(pages)}`),
});

/** The takes of pages as a list of its own: what else was worded, and what was in use before. Nothing where there are none. */
async function takesList(pages: readonly { id: string; address: string }[], taken: Set<string>): Promise<PackedFile[]> {
  const addresses = new Map(pages.map(({ id, address }) => [id, address]));
  const takes = sorted(
    await db()
      .takes.where("pageId")
      .anyOf([...addresses.keys()])
      .toArray(),
  );
  if (takes.length === 0) return [];
  const rows = takes.map(({ pageId, letter, title, description, reason, usedUntil }) => ({
    address: addresses.get(pageId) ?? "",
    take: letter,
    title,
    description,
    reason,
    "in use until": usedUntil ?? "",
  }));
  rows.sort((a, b) => (a.address < b.address ? -1 : a.address > b.address ? 1 : 0));
  return [{ path: freeName("takes.csv", taken), bytes: new TextEncoder().encode(`\ufeff${csvOf(rows)}`) }];
}

export interface HandedSite {
  zip: Uint8Array;
  pages: number;
  /** How many of them are not on the site yet. */
  fresh: number;
  refused: Refusal[];
  /** Pages that could not be written, and are not in the zip. */
  failed: { address: string; reason: string }[];
}

/** Ids of a site's pages that have changes, or are not on the site yet. */
export async function changedPages(siteId: string): Promise<string[]> {
  await allKept();
  const changes = await db().changes.where("siteId").equals(siteId).filter(isPart).toArray();
  const fresh = await db()
    .pages.where("siteId")
    .equals(siteId)
    .filter(({ isNew, format }) => isNew && format !== "fields")
    .toArray();
  return [...new Set([...changes.map(({ pageId }) => pageId), ...fresh.map(({ id }) => id)])];
}

/** How pages are written and packed: away from the screen's thread, or here where there is no other. */
export interface HandingWork {
  write(ids: readonly string[], work: LongWork): Promise<(WrittenPage | null)[]>;
  zip(files: readonly PackedFile[]): Promise<Uint8Array>;
}

const ON_POOL: HandingWork = {
  write: (ids, { signal, onProgress }) =>
    onPoolAll(ids, async (worker, id): Promise<WrittenPage | null> => await worker.writePage(id), {
      ...(signal && { signal }),
      onResult: (_, done) => onProgress?.(done),
    }),
  zip: (files) => onPool(async (worker) => await worker.zipFiles(files)),
};

/** Pages of a site as a zip, with the change list; null where there is nothing to hand over, or it was stopped. */
export async function handOverSite(
  ids: readonly string[],
  long: LongWork = {},
  { write: writeAll, zip }: HandingWork = ON_POOL,
): Promise<HandedSite | null> {
  const written = (await writeAll(ids, long)).filter((one) => one !== null);
  if (long.signal?.aborted || written.length === 0) return null;
  const taken = new Set(["changes.csv", ADDRESS_LIST]);
  const failed = written.flatMap((one) => ("reason" in one ? [one] : []));
  const handed = written.flatMap((one) => {
    if ("reason" in one) return [];
    const { file } = one;
    return { ...one, file: file && { ...file, path: freeName(file.path, taken) } };
  });
  const files = handed.flatMap(({ file }) => file ?? []);
  const addresses = handed.flatMap(({ file, addressAfter }) =>
    file ? { file: file.path, address: addressAfter } : [],
  );
  const listed = handed.map(({ isNew, file, ...one }) => ({ ...one, ...(isNew && file && { newFile: file.path }) }));
  const lists = [changeList(listed), ...(addresses.length > 0 ? [addressList(addresses)] : [])];
  const packed = await zip([...files, ...lists, ...(await takesList(handed, taken))]);
  await noteHanded(handed);
  const fresh = handed.filter(({ isNew }) => isNew).length;
  return { zip: packed, pages: handed.length, fresh, refused: handed.flatMap(({ refused }) => refused), failed };
}
