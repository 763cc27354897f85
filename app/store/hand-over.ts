import { changeListCsv } from "#core/exchange/change-list";
import { type PackedFile, zipFiles } from "#core/exchange/zip";
import type { Edit, Refusal } from "#core/rewrite/edits";
import { handOver } from "#core/rewrite/verify";
import { db, type PageRecord } from "./db";
import { loadOriginal } from "./originals";

export interface HandedPage {
  file: PackedFile;
  refused: Refusal[];
}

/** A page's patched source under its file's name. */
export async function handOverPage(page: PageRecord, edits: readonly Edit[]): Promise<HandedPage> {
  const original = await loadOriginal(page.id);
  if (!original)
    throw new Error(`The source of ${page.address} is not in this browser any more. Bring the page in again.`);
  const { bytes, refused } = handOver(original, edits, { address: page.address });
  return { file: { path: page.file || "page.html", bytes }, refused };
}

/** All changed pages of a site as a zip, with the change list; null where nothing has changed. */
export async function handOverSite(
  siteId: string,
): Promise<{ zip: Uint8Array; pages: number; refused: Refusal[] } | null> {
  const redrafts = await db().redrafts.where("siteId").equals(siteId).toArray();
  if (redrafts.length === 0) return null;
  const files: PackedFile[] = [];
  const refused: Refusal[] = [];
  const changes: { address: string; edits: Edit[] }[] = [];
  const taken = new Set<string>();
  for (const { pageId, edits } of redrafts) {
    const page = await db().pages.get(pageId);
    if (!page) continue;
    const handed = await handOverPage(page, edits);
    let path = handed.file.path;
    for (let n = 2; taken.has(path); n++) path = handed.file.path.replace(/(\.[^.]*)?$/, `-${n}$1`);
    taken.add(path);
    files.push({ ...handed.file, path });
    refused.push(...handed.refused);
    changes.push({
      address: page.address,
      edits: edits.filter((edit) => !handed.refused.some((r) => r.edit === edit)),
    });
  }
  files.push({ path: "changes.csv", bytes: new TextEncoder().encode(`\ufeff${changeListCsv(changes)}`) });
  return { zip: zipFiles(files), pages: files.length - 1, refused };
}
