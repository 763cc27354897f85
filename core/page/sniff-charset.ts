import { getBOMEncoding, labelToName, TextDecoder } from "@exodus/bytes/encoding-browser.js";
import sniff from "html-encoding-sniffer";
import type { Charset } from "./charset.ts";

/** The `charset` parameter of a content type, or null. */
function charsetOfContentType(contentType: string | null | undefined): string | null {
  const match = /;\s*charset\s*=\s*(?:"([^"]*)"|([^\s;]+))/i.exec(contentType ?? "");
  return match?.[1] ?? match?.[2] ?? null;
}

/**
 * Determines the character set as the HTML standard does: byte order mark, then the content type's parameter, then the
 * first 1,024 bytes, then Windows-1252.
 */
export function charsetOf(bytes: Uint8Array, contentType?: string | null): Charset {
  const marked = getBOMEncoding(bytes);
  if (marked) return { name: marked, by: "byte-order-mark", bom: marked === "utf-8" ? 3 : 2 };
  const label = charsetOfContentType(contentType);
  const fromHeader = label ? labelToName(label) : null;
  if (fromHeader) return { name: fromHeader.toLowerCase(), by: "header", bom: 0 };
  // The sniffer does not say whether it fell back, so it is asked with two different fallbacks.
  const one = sniff(bytes, { defaultEncoding: "windows-1252" });
  const other = sniff(bytes, { defaultEncoding: "ibm866" });
  if (one === other) return { name: one.toLowerCase(), by: "meta", bom: 0 };
  const late = lateMeta(bytes);
  return late ? { name: late, by: "meta", bom: 0 } : { name: one.toLowerCase(), by: "fallback", bom: 0 };
}

/** A meta element behind the first 1,024 bytes, at which browsers begin anew (HTML 13.2.3.5). */
function lateMeta(bytes: Uint8Array): string | null {
  const ascii = new TextDecoder("latin1").decode(bytes.subarray(0, 32_768));
  for (const match of ascii.matchAll(/<meta\s[^>]*charset/gi)) {
    const inComment = ascii.lastIndexOf("<!--", match.index) > ascii.lastIndexOf("-->", match.index);
    if (inComment) continue;
    const found = sniff(bytes.subarray(match.index), { defaultEncoding: "x-none" });
    if (found !== "x-none") return found.toLowerCase();
  }
  return null;
}
