import anyAscii from "any-ascii";
import { isStopWord } from "../phrase/stop-words.ts";

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
