import { changeListCsv } from "#core/exchange/change-list";
import { fileNameOf, freeName } from "#core/exchange/file-name";
import { type PackedFile, zipFiles } from "#core/exchange/zip";
import { type Edit, type Refusal, slotOf } from "#core/rewrite/edits";
import { handOver } from "#core/rewrite/verify";
import { redraftOf } from "./changes";
import { db } from "./db";
import { allKept } from "./keeping";
import { loadOriginal } from "./originals";
import type { ChangeRecord } from "./records/changes";
import type { StoredPage } from "./records/pages";
import { isPart, write } from "./transact";

export interface HandedPage {
  /** Null for a page of which only a spreadsheet's texts are known: its change list is all there is to hand over. */
  file: PackedFile | null;
  refused: Refusal[];
}

/** A page's patched source under its file's name. */
export async function handOverPage(page: StoredPage, edits: readonly Edit[]): Promise<HandedPage> {
  if (page.format === "fields") return { file: null, refused: [] };
  const original = await loadOriginal(page.original);
  if (!original)
    throw new Error(`The source of ${page.address} is not in this browser any more. Bring the page in again.`);
  const { bytes, refused } = handOver(original, edits, { address: page.address });
  const path = fileNameOf(page, page.format === "markdown" ? "md" : "html");
  return { file: { path, bytes }, refused };
}

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
  page: StoredPage,
  edits: readonly Edit[],
): Promise<{ file: PackedFile; refused: Refusal[] }> {
  const { file, refused } = await handOverPage(page, edits);
  await allKept();
  const handed = edits.filter((edit) => !refused.some((one) => one.edit === edit));
  if (edits.length > 0) await noteHanded([{ id: page.id, edits: handed }]);
  return { file: file ?? changeList([{ address: page.address, edits: [...edits] }]), refused };
}

const changeList = (changes: readonly { address: string; edits: Edit[] }[]): PackedFile => ({
  path: "changes.csv",
  bytes: new TextEncoder().encode(`\ufeff${changeListCsv(changes)}`),
});

export interface HandedSite {
  zip: Uint8Array;
  pages: number;
  refused: Refusal[];
  /** Pages that could not be written, and are not in the zip. */
  failed: { address: string; reason: string }[];
}

/** All changed pages of a site as a zip, with the change list; null where nothing has changed. */
export async function handOverSite(siteId: string): Promise<HandedSite | null> {
  await allKept();
  const redrafts = new Map<string, ChangeRecord[]>();
  for (const change of await db().changes.where("siteId").equals(siteId).filter(isPart).toArray())
    redrafts.set(change.pageId, [...(redrafts.get(change.pageId) ?? []), change]);
  if (redrafts.size === 0) return null;
  const files: PackedFile[] = [];
  const refused: Refusal[] = [];
  const failed: HandedSite["failed"] = [];
  const handed: { id: string; address: string; edits: Edit[] }[] = [];
  const taken = new Set(["changes.csv"]);
  for (const [pageId, changes] of redrafts) {
    const page = await db().pages.get(pageId);
    if (!page) continue;
    const { edits } = redraftOf(changes);
    try {
      const { file, refused: left } = await handOverPage(page, edits);
      if (file) files.push({ ...file, path: freeName(file.path, taken) });
      for (const one of left) refused.push(one);
      const { id, address } = page;
      handed.push({ id, address, edits: edits.filter((edit) => !left.some((one) => one.edit === edit)) });
    } catch (error) {
      failed.push({ address: page.address, reason: error instanceof Error ? error.message : String(error) });
    }
  }
  files.push(changeList(handed));
  const zip = zipFiles(files);
  await noteHanded(handed);
  return { zip, pages: handed.length, refused, failed };
}
