import { type Charset, decodeBytes } from "./charset.ts";

/** `html`: a document. `markdown`: front matter and body. `fields`: what a spreadsheet said, as JSON of names and texts. */
export type OriginalKind = "html" | "markdown" | "fields";

/** A page's source as it was brought in; never changed. */
export interface Original {
  kind: OriginalKind;
  bytes: Uint8Array;
  charset: Charset;
  /** Response headers that matter to search engines, lower-case names; absent where the page came from a file. */
  headers?: Readonly<Record<string, string>>;
  /** Why reading it was given up when it was brought in; it is not tried again. */
  unread?: Unread;
}

/** Reading took longer than one page may, or ended in a fault of the program. */
export type Unread = "too-slow" | "failed";

/** What text is given that somebody typed. */
export const UTF8: Charset = { name: "utf-8", by: "text", bom: 0 };

/** Largest source that is read, in bytes. */
export const MAX_SOURCE_BYTES = 20 * 1024 * 1024;

/** An original from what a spreadsheet said of a page. */
export function originalFromFields(fields: Readonly<Record<string, string>>): Original {
  return originalFromText(JSON.stringify(fields), "fields");
}

/** An original from text that somebody typed or pasted; it leaves as UTF-8. */
export function originalFromText(text: string, kind: OriginalKind = "html"): Original {
  return { kind, bytes: new TextEncoder().encode(text), charset: UTF8 };
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
