import crc from "crc-32";
import { Gunzip, Inflate } from "fflate";

/** Bytes that are unpacked in one step, so that a small file that unpacks to a very large one is noticed in time. */
const STEP = 16_384;

/** Collects what is unpacked, up to `most` bytes; beyond that it throws. */
class Within {
  private readonly chunks: Uint8Array[] = [];
  size = 0;

  constructor(private readonly most: number) {}

  add(chunk: Uint8Array): void {
    this.size += chunk.length;
    if (this.size > this.most) throw new RangeError("It unpacks to more than it may.");
    this.chunks.push(chunk);
  }

  whole(): Uint8Array {
    const whole = new Uint8Array(this.size);
    let at = 0;
    for (const chunk of this.chunks) {
      whole.set(chunk, at);
      at += chunk.length;
    }
    return whole;
  }
}

function inSteps(bytes: Uint8Array, push: (step: Uint8Array, last: boolean) => void): void {
  for (let at = 0; at === 0 || at < bytes.length; at += STEP)
    push(bytes.subarray(at, at + STEP), at + STEP >= bytes.length);
}

/** CRC-32 as zip and gzip have it (RFC 1952, section 8). */
export const crc32 = (bytes: Uint8Array): number => crc.buf(bytes) >>> 0;

/** Unpacks DEFLATE data (RFC 1951) up to `most` bytes; null if there is more, or it is damaged. */
export function inflateWithin(bytes: Uint8Array, most: number): Uint8Array | null {
  const out = new Within(most);
  let ended = false;
  try {
    const inflate = new Inflate((chunk, final) => {
      out.add(chunk);
      ended ||= final;
    });
    inSteps(bytes, (step, last) => inflate.push(step, last));
  } catch {
    return null;
  }
  return ended ? out.whole() : null;
}

/** Whether bytes are packed with gzip (RFC 1952, 2.3.1). */
export const isGzip = (bytes: Uint8Array): boolean => bytes[0] === 0x1f && bytes[1] === 0x8b;

/** Bytes behind the data of a gzip member: the CRC-32 and the size of what was packed (RFC 1952, 2.3.1). */
const TRAILER = 8;

/** Unpacks gzip up to `most` bytes; null if there is more, or it is damaged. */
export function gunzipWithin(bytes: Uint8Array, most: number): Uint8Array | null {
  const out = new Within(most);
  let ended = false;
  let members = 0;
  try {
    const gunzip = new Gunzip((chunk, final) => {
      out.add(chunk);
      ended ||= final;
    });
    gunzip.onmember = () => members++;
    inSteps(bytes, (step, last) => gunzip.push(step, last));
  } catch {
    return null;
  }
  if (!ended) return null;
  const whole = out.whole();
  // Of several members the trailer is the last one's alone.
  return members > 1 || isAsStated(bytes, whole) ? whole : null;
}

/** True if the trailer states the size and the CRC-32 of what came out. */
function isAsStated(bytes: Uint8Array, whole: Uint8Array): boolean {
  if (bytes.length < TRAILER) return false;
  const trailer = new DataView(bytes.buffer, bytes.byteOffset + bytes.length - TRAILER, TRAILER);
  return trailer.getUint32(4, true) === whole.length % 2 ** 32 && trailer.getUint32(0, true) === crc32(whole);
}
