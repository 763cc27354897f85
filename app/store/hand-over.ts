import { changeListCsv } from "#core/exchange/change-list";
import { fileNameOf, freeName } from "#core/exchange/file-name";
import { type PackedFile, zipFiles } from "#core/exchange/zip";
import type { Edit, Refusal } from "#core/rewrite/edits";
import { handOver } from "#core/rewrite/verify";
import { act } from "./act";
import { db, type PageRecord } from "./db";
import { saysOf } from "./examine";
import { allKept } from "./keeping";
import { loadOriginal } from "./originals";

export interface HandedPage {
  /** Null for a page of which only a spreadsheet's texts are known: its change list is all there is to hand over. */
  file: PackedFile | null;
  refused: Refusal[];
}

/** A page's patched source under its file's name. */
export async function handOverPage(page: PageRecord, edits: readonly Edit[]): Promise<HandedPage> {
  if (page.format === "fields") return { file: null, refused: [] };
  const original = await loadOriginal(page.original);
  if (!original)
    throw new Error(`The source of ${page.address} is not in this browser any more. Bring the page in again.`);
  const { bytes, refused } = handOver(original, edits, { address: page.address });
  const path = fileNameOf(page, page.format === "markdown" ? "md" : "html");
  return { file: { path, bytes }, refused };
}

/** Notes what was handed over of pages, so that one whose texts move on afterwards is known. */
async function noteHanded(
  siteId: string,
  pages: readonly { page: PageRecord; edits: readonly Edit[] }[],
): Promise<void> {
  const puts = pages
    .filter(({ page, edits }) => page.handed !== saysOf(edits))
    .map(({ page, edits }) => ({ table: "pages" as const, key: page.id, after: { ...page, handed: saysOf(edits) } }));
  if (puts.length > 0)
    await act(siteId, puts.length === 1 ? "Hand over 1 page" : `Hand over ${puts.length} pages`, puts);
}

/** The source of one page, or its change list where there is no source; noted as handed over. */
export async function handOverOne(
  page: PageRecord,
  edits: readonly Edit[],
): Promise<{ file: PackedFile; refused: Refusal[] }> {
  const { file, refused } = await handOverPage(page, edits);
  await allKept();
  const stored = (await db().pages.get(page.id)) ?? page;
  if (edits.length > 0) await noteHanded(page.siteId, [{ page: stored, edits }]);
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
  const redrafts = (await db().redrafts.where("siteId").equals(siteId).toArray()).filter(
    ({ edits }) => edits.length > 0,
  );
  if (redrafts.length === 0) return null;
  const files: PackedFile[] = [];
  const refused: Refusal[] = [];
  const failed: HandedSite["failed"] = [];
  const changes: { address: string; edits: Edit[] }[] = [];
  const handed: { page: PageRecord; edits: Edit[] }[] = [];
  const taken = new Set(["changes.csv"]);
  for (const { pageId, edits } of redrafts) {
    const page = await db().pages.get(pageId);
    if (!page) continue;
    try {
      const { file, refused: left } = await handOverPage(page, edits);
      if (file) files.push({ ...file, path: freeName(file.path, taken) });
      for (const one of left) refused.push(one);
      handed.push({ page, edits });
      changes.push({ address: page.address, edits: edits.filter((edit) => !left.some((r) => r.edit === edit)) });
    } catch (error) {
      failed.push({ address: page.address, reason: error instanceof Error ? error.message : String(error) });
    }
  }
  files.push(changeList(changes));
  const zip = zipFiles(files);
  await noteHanded(siteId, handed);
  return { zip, pages: handed.length, refused, failed };
}
