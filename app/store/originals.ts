import type { Original } from "#core/page/original";
import { db, type OriginalRecord } from "./db";

async function through(bytes: Uint8Array, stream: CompressionStream | DecompressionStream): Promise<Uint8Array> {
  const piped = new Blob([bytes as Uint8Array<ArrayBuffer>]).stream().pipeThrough(stream);
  return new Uint8Array(await new Response(piped).arrayBuffer());
}

/** Packs an original for storage. Done before the transaction opens. */
export async function packOriginal(pageId: string, siteId: string, original: Original): Promise<OriginalRecord> {
  const packed = await through(original.bytes, new CompressionStream("deflate"));
  return { pageId, siteId, kind: original.kind, packed, charset: original.charset };
}

export async function loadOriginal(pageId: string): Promise<Original | null> {
  const record = await db().originals.get(pageId);
  if (!record) return null;
  return {
    kind: record.kind,
    bytes: await through(record.packed, new DecompressionStream("deflate")),
    charset: record.charset,
  };
}
