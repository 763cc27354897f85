import { fileNameOf, freeName } from "#core/exchange/file-name";
import { type PackedFile, zipFiles } from "#core/exchange/zip";
import { onPoolAll } from "../workers/pool";
import type { LongWork } from "./act-on-pages";
import { allKept } from "./keeping";
import type { PageRecord } from "./page-record";

/** A name for the file of a page's entities: its path. */
export const dataFileName = (address: string): string =>
  `${fileNameOf({ file: "", address: address.replace(/\/$/, "") }, "html").replace(/\.\w+$/, "")}.jsonld`;

/** The entities of many pages as a zip of JSON-LD files, one a page; null where there are none, or it was stopped. */
export async function exportData(
  pages: readonly PageRecord[],
  { onProgress, signal }: LongWork,
): Promise<{ zip: Uint8Array; files: number } | null> {
  await allKept();
  const found = await onPoolAll(pages, (worker, { id }) => worker.dataOfPage(id), {
    ...(signal && { signal }),
    onResult: (_, done) => onProgress?.(done),
  });
  if (signal?.aborted) return null;
  const taken = new Set<string>();
  const files = found.flatMap((one): PackedFile[] => {
    if (!one) return [];
    return [{ path: freeName(dataFileName(one.address), taken), bytes: new TextEncoder().encode(one.json) }];
  });
  return files.length === 0 ? null : { zip: zipFiles(files), files: files.length };
}
