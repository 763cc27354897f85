import anyAscii from "any-ascii";
import { isStopWord } from "../phrase/stop-words.ts";

/** The last segment of an address' path; "" for the start page. */
export function slugOf(address: string): string {
  const path = address.replace(/^[a-z][a-z0-9+.-]*:\/\/[^/]*/i, "").split(/[?#]/)[0] ?? "";
  const parts = path.split("/");
  return (path.endsWith("/") ? parts.at(-2) : parts.at(-1)) ?? "";
}

/** The address with another last segment; query and trailing slash stay. */
export function withSlug(address: string, slug: string): string {
  const old = slugOf(address);
  const match = /^((?:[a-z][a-z0-9+.-]*:\/\/[^/]*)?)([^?#]*)(.*)$/i.exec(address);
  if (!match || old === "") return address;
  const [, origin = "", path = "", rest = ""] = match;
  const slash = path.endsWith("/") ? "/" : "";
  const parent = path.slice(0, path.length - old.length - slash.length);
  return `${origin}${parent}${slug}${slash}${rest}`;
}

export interface SlugOptions {
  /** BCP 47 tag, for stop words. */
  language: string;
  dropStopWords?: boolean;
  /** Most words kept; all, where absent. */
  maxWords?: number;
}

/**
 * A slug of lower-case ASCII words joined by hyphens (RFC 3986 unreserved characters), transliterated; "" where nothing
 * of the text can be written so.
 */
export function slugFrom(text: string, { language, dropStopWords = false, maxWords }: SlugOptions): string {
  const words = anyAscii(text.normalize("NFC"))
    .toLowerCase()
    .replace(/['’]/g, "")
    .split(/[^a-z0-9]+/)
    .filter(Boolean);
  const content = dropStopWords ? words.filter((word) => !isStopWord(word, language)) : words;
  const kept = content.length > 0 ? content : words;
  return kept.slice(0, maxWords).join("-");
}
