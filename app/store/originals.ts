import type { Original } from "#core/page/original";
import { db, type OriginalRecord } from "./db";

async function through(bytes: Uint8Array, stream: CompressionStream | DecompressionStream): Promise<Uint8Array> {
  const piped = new Blob([bytes as Uint8Array<ArrayBuffer>]).stream().pipeThrough(stream);
  return new Uint8Array(await new Response(piped).arrayBuffer());
}

/** Packs an original for storage. Done before the transaction opens. */
export async function packOriginal(id: string, siteId: string, original: Original): Promise<OriginalRecord> {
  const { bytes, ...rest } = original;
  return { id, siteId, ...rest, packed: await through(bytes, new CompressionStream("deflate")) };
}

/** The original that a page's record names; null where it is not in this browser. */
export async function loadOriginal(id: string): Promise<Original | null> {
  const record = await db().originals.get(id);
  if (!record) return null;
  const { packed, kind, charset, headers, unread } = record;
  const bytes = await through(packed, new DecompressionStream("deflate"));
  return { kind, bytes, charset, ...(headers && { headers }), ...(unread && { unread }) };
}
