import { type Original, UTF8 } from "./original.ts";
import { charsetOf } from "./sniff-charset.ts";

/** An original from bytes; the content type is the header's, where there was one. */
export function originalFromBytes(bytes: Uint8Array, contentType?: string | null): Original {
  return { kind: "html", bytes, charset: charsetOf(bytes, contentType) };
}

/** An original from the bytes of a Markdown file: UTF-8 (RFC 7763 section 2), unless a byte order mark says otherwise. */
export function markdownFromBytes(bytes: Uint8Array): Original {
  const charset = charsetOf(bytes);
  return { kind: "markdown", bytes, charset: charset.by === "byte-order-mark" ? charset : UTF8 };
}
