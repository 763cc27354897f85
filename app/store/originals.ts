import { Unzlib } from "fflate";
import { MAX_SOURCE_BYTES, type Original } from "#core/page/original";
import { prepareOriginal } from "#core/rewrite/prepare-original";
import { db } from "./db";
import type { OriginalRecord } from "./records/originals";
import { StorageFault } from "./storage-fault";

const streamOf = (bytes: Uint8Array) => new Blob([bytes as Uint8Array<ArrayBuffer>]).stream();

/**
 * Unpacks what was packed for storage; null where it is damaged, or longer than any source that is brought in. At one go: a
 * stream of the browser's takes longer to start than most pages take to unpack.
 */
export function unpack(packed: Uint8Array): Uint8Array | null {
  const chunks: Uint8Array[] = [];
  let size = 0;
  try {
    let whole = false;
    const unpacking = new Unzlib((chunk, final) => {
      size += chunk.length;
      if (size > MAX_SOURCE_BYTES) throw new RangeError("too long");
      chunks.push(chunk);
      whole ||= final;
    });
    unpacking.push(packed, true);
    if (!whole) return null;
  } catch {
    return null;
  }
  const [first] = chunks;
  if (chunks.length === 1 && first) return first;
  const bytes = new Uint8Array(size);
  let at = 0;
  for (const chunk of chunks) {
    bytes.set(chunk, at);
    at += chunk.length;
  }
  return bytes;
}

/** Packs an original for storage. Done before the transaction opens. */
export async function packOriginal(id: string, siteId: string, original: Original): Promise<OriginalRecord> {
  const { bytes, ...rest } = original;
  const packing = streamOf(bytes).pipeThrough(new CompressionStream("deflate"));
  return { id, siteId, ...rest, packed: new Uint8Array(await new Response(packing).arrayBuffer()) };
}

/** The original that a page's record names; null where it is not in this browser. */
export async function loadOriginal(id: string): Promise<Original | null> {
  const record = await db().originals.get(id);
  return record ? originalOfRecord(record) : null;
}

/** Originals by their ids, read at once; those that are not there or damaged are left out. */
export async function loadOriginals(ids: readonly string[]): Promise<ReadonlyMap<string, Original>> {
  const records = await db().originals.bulkGet([...new Set(ids)]);
  const originals = new Map<string, Original>();
  for (const record of records) {
    const bytes = record && unpack(record.packed);
    if (record && bytes) originals.set(record.id, await prepareOriginal(sourceIn(record, bytes)));
  }
  return originals;
}

const sourceIn = ({ kind, charset, headers, unread }: OriginalRecord, bytes: Uint8Array): Original => ({
  kind,
  bytes,
  charset,
  ...(headers && { headers }),
  ...(unread && { unread }),
});

/** An original as it came in. Fails where what is kept of it is damaged. */
export async function originalOfRecord(record: OriginalRecord): Promise<Original> {
  const bytes = unpack(record.packed);
  if (!bytes)
    throw new StorageFault(
      "The source of this page is damaged",
      "What is kept of it cannot be unpacked, or is larger than 20 MB. Bring the page in again; the other pages are not affected.",
    );
  return prepareOriginal(sourceIn(record, bytes));
}
