import { TextDecoder } from "@exodus/bytes/encoding-browser.js";

/** How the character set of a source is known, strongest first (HTML 13.2.3.2). */
export type CharsetBy = "byte-order-mark" | "header" | "meta" | "fallback" | "text";

export interface Charset {
  /** Name of the Encoding Standard, lower case: `utf-8`, `windows-1252`, `euc-kr`… */
  name: string;
  by: CharsetBy;
  /** Length of the byte order mark in bytes; 0 where there is none. */
  bom: number;
}

/** The text of a source without its byte order mark. Bytes that the character set does not know become U+FFFD. */
export function decodeBytes(bytes: Uint8Array, charset: Charset): string {
  const content = charset.bom ? bytes.subarray(charset.bom) : bytes;
  return new TextDecoder(charset.name, { ignoreBOM: true }).decode(content);
}
