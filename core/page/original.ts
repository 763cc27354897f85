import { type Charset, charsetOf, decodeBytes } from "./charset.ts";

/**
 * A page's source as it was brought in; never changed. `kind` tells originals apart in storage and in backups: what is
 * not HTML gets a kind of its own.
 */
export interface Original {
  kind: "html";
  bytes: Uint8Array;
  charset: Charset;
}

/** Largest source that is read, in bytes. */
export const MAX_SOURCE_BYTES = 20 * 1024 * 1024;

/** An original from bytes; the content type is the header's, where there was one. */
export function originalFromBytes(bytes: Uint8Array, contentType?: string | null): Original {
  return { kind: "html", bytes, charset: charsetOf(bytes, contentType) };
}

/** An original from text that somebody typed or pasted; it leaves as UTF-8. */
export function originalFromText(text: string): Original {
  const bytes = new TextEncoder().encode(text);
  return { kind: "html", bytes, charset: { name: "utf-8", by: "text", bom: 0 } };
}

export function sourceOf(original: Original): string {
  return decodeBytes(original.bytes, original.charset);
}

/**
 * Whether bytes are something else than text: a known signature, or a NUL in a source that is not UTF-16.
 * A page may hold a stray control character; it does not hold NULs in its first kilobytes.
 */
export function looksBinary(original: Original): boolean {
  const { bytes, charset } = original;
  if (charset.name.startsWith("utf-16")) return false;
  const head = bytes.subarray(0, 4096);
  let controls = 0;
  for (const byte of head) if (byte === 0 || (byte < 32 && (byte < 9 || byte > 13) && byte !== 27)) controls++;
  return controls > Math.max(2, head.length / 200);
}
