import { isStopWord } from "../phrase/stop-words.ts";
import { transliterate } from "./transliterate.ts";

export interface SlugOptions {
  /** BCP 47 tag: for stop words, and for how letters are written in ASCII. */
  language: string;
  dropStopWords?: boolean;
  /** Most words kept; all, where absent. */
  maxWords?: number;
}

export interface ProposedSlug {
  /** "" where nothing of the text can be written so. */
  slug: string;
  /** What its editor should know of it, in a sentence; null for nothing. */
  note: string | null;
}

/** A slug of lower-case ASCII words joined by hyphens (RFC 3986 unreserved characters), written as the language has it. */
export function proposeSlug(text: string, { language, dropStopWords = false, maxWords }: SlugOptions): ProposedSlug {
  // Stop words are told in their own letters.
  const kept = dropStopWords ? withoutStopWords(text, language) : text;
  const { text: ascii, note } = transliterate(kept, language);
  const words = ascii
    .toLowerCase()
    .replace(/['’]/g, "")
    .split(/[^a-z0-9]+/)
    .filter(Boolean);
  return { slug: words.slice(0, maxWords).join("-"), note };
}

export const slugFrom = (text: string, options: SlugOptions): string => proposeSlug(text, options).slug;

function withoutStopWords(text: string, language: string): string {
  const words = text.split(/[^\p{L}\p{M}\p{N}'’]+/u).filter(Boolean);
  const content = words.filter((word) => !isStopWord(word.toLowerCase(), language));
  return (content.length > 0 ? content : words).join(" ");
}
