import { MAX_SOURCE_BYTES, type Original } from "#core/page/original";
import { db } from "./db";
import type { OriginalRecord } from "./records/originals";
import { StorageFault } from "./storage-fault";

const streamOf = (bytes: Uint8Array) => new Blob([bytes as Uint8Array<ArrayBuffer>]).stream();

/** Unpacks what was packed for storage; null where it is damaged, or longer than any source that is brought in. */
export async function unpack(packed: Uint8Array): Promise<Uint8Array | null> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  try {
    const reader = streamOf(packed).pipeThrough(new DecompressionStream("deflate")).getReader();
    for (;;) {
      const { done, value } = await reader.read();
      if (done) break;
      size += value.length;
      if (size > MAX_SOURCE_BYTES) {
        await reader.cancel();
        return null;
      }
      chunks.push(value);
    }
  } catch {
    return null;
  }
  return new Uint8Array(await new Blob(chunks as Uint8Array<ArrayBuffer>[]).arrayBuffer());
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

/** An original as it came in. Fails where what is kept of it is damaged. */
export async function originalOfRecord({ packed, kind, charset, headers, unread }: OriginalRecord): Promise<Original> {
  const bytes = await unpack(packed);
  if (!bytes)
    throw new StorageFault(
      "The source of this page is damaged",
      "What is kept of it cannot be unpacked, or is larger than 20 MB. Bring the page in again; the other pages are not affected.",
    );
  return { kind, bytes, charset, ...(headers && { headers }), ...(unread && { unread }) };
}
