import { Gunzip } from "fflate";

/** Whether bytes are packed with gzip (RFC 1952, 2.3.1). */
export const isGzip = (bytes: Uint8Array): boolean => bytes[0] === 0x1f && bytes[1] === 0x8b;

/** Unpacks gzip up to so many bytes; null where it is longer or damaged. */
export function gunzipWithin(bytes: Uint8Array, most: number): Uint8Array | null {
  const chunks: Uint8Array[] = [];
  let size = 0;
  let ended = false;
  try {
    const gunzip = new Gunzip((chunk, final) => {
      size += chunk.length;
      if (size > most) throw new RangeError("too long");
      chunks.push(chunk);
      ended ||= final;
    });
    // In pieces, so that a small file that unpacks to a very large one is noticed in time.
    for (let at = 0; at < bytes.length; at += 16_384)
      gunzip.push(bytes.subarray(at, at + 16_384), at + 16_384 >= bytes.length);
  } catch {
    return null;
  }
  if (!ended) return null;
  const whole = new Uint8Array(size);
  let at = 0;
  for (const chunk of chunks) {
    whole.set(chunk, at);
    at += chunk.length;
  }
  return whole;
}
