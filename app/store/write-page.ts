import { withSlug } from "#core/address/slug";
import { fileNameOf } from "#core/exchange/file-name";
import type { PackedFile } from "#core/exchange/zip";
import { cleanValue } from "#core/rewrite/clean-value";
import type { Edit, Refusal } from "#core/rewrite/edits";
import { handOver } from "#core/rewrite/verify";
import { loadRedraft } from "./changes";
import { db } from "./db";
import { loadOriginal } from "./originals";
import type { StoredPage } from "./records/pages";

export interface HandedPage {
  /** Null for a page of which only a spreadsheet's texts are known: its change list is all there is to hand over. */
  file: PackedFile | null;
  refused: Refusal[];
}

/** What has to be known of a page to write it. */
export type WrittenOf = Pick<StoredPage, "id" | "address" | "file" | "format" | "original">;

/** A page's patched source under its file's name. */
export async function handOverPage(page: WrittenOf, edits: readonly Edit[]): Promise<HandedPage> {
  if (page.format === "fields") return { file: null, refused: [] };
  const original = await loadOriginal(page.original);
  if (!original)
    throw new Error(`The source of ${page.address} is not in this browser any more. Bring the page in again.`);
  const { bytes, refused } = handOver(original, edits, { address: page.address });
  const path = fileNameOf(page, page.format === "markdown" ? "md" : "html");
  return { file: { path, bytes }, refused };
}

/** One page as it is handed over, or why it could not be written. */
export type WrittenPage =
  | {
      id: string;
      address: string;
      /** Its address once its changes are live. */
      addressAfter: string;
      edits: Edit[];
      file: PackedFile | null;
      /** It is not on the site yet. */
      isNew: boolean;
      refused: Refusal[];
    }
  | { address: string; reason: string };

/** Writes one page as it is kept now; null where it is gone. Runs on the pool. */
export async function writePage(pageId: string): Promise<WrittenPage | null> {
  const page = await db().pages.get(pageId);
  if (!page) return null;
  const { id, address } = page;
  try {
    const { edits } = await loadRedraft(id);
    const { file, refused } = await handOverPage(page, edits);
    const made = edits.filter((edit) => !refused.some((one) => one.edit === edit));
    const slug = made.find((edit) => edit.op === "set-slug");
    return {
      id,
      address,
      addressAfter: slug ? withSlug(address, cleanValue(slug.value)) : address,
      edits: made,
      file,
      isNew: page.isNew,
      refused,
    };
  } catch (error) {
    return { address, reason: error instanceof Error ? error.message : String(error) };
  }
}
