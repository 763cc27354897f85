import { isLooseWord } from "../phrase/loose-words.ts";
import { sentencesOf } from "../phrase/sentences.ts";
import { isClosed } from "./suggested/reads-well.ts";

/** Longer ones are no titles any more. In UTF-16 code units. */
const LONG = 2000;
/** Shorter ones say next to nothing. */
const SHORT = 12;

/** A shorter wording, and what it gives up. */
export interface Shortened {
  text: string;
  /** As it goes on in “It fits …”. */
  how:
    | "in whole sentences"
    | "without the site’s name"
    | "without its last part"
    | "without what stands in brackets"
    | "cut behind a word";
}

export interface ShortenOptions {
  fits: (text: string) => boolean;
  /** The text without the site's name. */
  brandless: string;
  /** BCP 47 tag of the text, or "". */
  language: string;
}

/**
 * Shorter wordings of a text that fit, the one that keeps the most first: without the brand, without what stands in brackets,
 * without its last parts (behind a separator, comma or dash), or cut at a word. `keeps` tells which of them still say what
 * they must. Empty where nothing sensible fits.
 */
export function shorterWordings(
  text: string,
  { fits, brandless, language, keeps = () => true }: ShortenOptions & { keeps?: (text: string) => boolean },
): Shortened[] {
  const found: Shortened[] = [];
  const take = (wording: string | null, how: Shortened["how"]) => {
    const trimmed = wording?.trim() ?? "";
    if (
      trimmed.length >= SHORT &&
      trimmed !== text &&
      fits(trimmed) &&
      keeps(trimmed) &&
      !found.some((one) => one.text === trimmed)
    )
      found.push({ text: trimmed, how });
  };
  take(
    wholeSentences(text, (part) => fits(part) && keeps(part), language),
    "in whole sentences",
  );
  if (brandless !== text) take(brandless, "without the site’s name");
  const good = (part: string) => part.length >= text.length / 4 && fits(part) && keeps(part);
  for (const base of new Set([text, brandless])) {
    const bare = base.replace(/\s*[([][^()[\]]*[)\]]/g, "");
    if (bare !== base) take(good(bare) ? bare : longestPart(bare, good), "without what stands in brackets");
    take(longestPart(base, good), "without its last part");
  }
  take(
    atWord(brandless, (part) => fits(part) && keeps(part), language),
    "cut behind a word",
  );
  // Whole sentences read best, unless they throw most of the text away.
  const whole = ({ text: part, how }: Shortened) =>
    Number(how === "in whole sentences" && part.length * 2 >= text.length);
  return found.sort((a, b) => whole(b) - whole(a) || b.text.length - a.text.length);
}

/** As many of the first sentences as are good; null where not one is, or there is only one. */
function wholeSentences(text: string, good: (part: string) => boolean, language: string): string | null {
  const sentences = sentencesOf(text, language);
  for (let n = sentences.length - 1; n > 0; n--) {
    const part = sentences.slice(0, n).join("").trim();
    if (good(part)) return part;
  }
  return null;
}

/** The longest beginning of whole parts that is good. */
function longestPart(text: string, good: (part: string) => boolean): string | null {
  const parts = text.split(/(\s+[|–—·•:»-]\s+|,\s+|;\s+|\s+\(|:\s+)/);
  for (let n = parts.length - 2; n > 0; n -= 2) {
    const part = parts.slice(0, n).join("").trim();
    if (part.length >= SHORT && good(part)) return part;
  }
  return null;
}

/**
 * The shorter wording of a text that reads best: first without the brand, then without its last parts, then cut at a word.
 * Null where nothing sensible fits.
 */
export function shorten(text: string, { fits, brandless, language }: ShortenOptions): string | null {
  // Of a text that is no title any more only the beginning is of use.
  if (text.length > LONG) return atWord(brandless.slice(0, LONG / 4), fits, language);
  const long = (part: string) => part.length >= SHORT && part.length >= text.length / 4 && fits(part);
  const candidates = [brandless === text ? "" : brandless, longestPart(text, long), longestPart(brandless, long)]
    .map((one) => one?.trim() ?? "")
    .filter(long);
  const good = candidates.sort((a, b) => b.length - a.length)[0];
  const worded = atWord(brandless, fits, language);
  // Whole parts read best, unless they throw most of the text away.
  return good && (!worded || worded.length < good.length * 1.5) ? good : worded;
}

const MARKS_AT_END = /[\s,;:|–—·([“„«-]+$/;
const LAST_WORD = /(?:^|\s)(?:&|(\p{L}+['’]?)|\p{Lu}\.)$/u;

/** Whether a text ends in a word that leads on to the next, such as a preposition, or in an initial. */
function leadsOn(text: string, language: string): boolean {
  const found = LAST_WORD.exec(text);
  if (!found) return false;
  const [, word] = found;
  // Where the language is not said, or has no list, English ones are looked for: they harm nobody.
  return word === undefined || [language, "en"].some((one) => isLooseWord(word.toLowerCase(), one));
}

function atWord(text: string, fits: (text: string) => boolean, language: string): string | null {
  const words = text.split(" ");
  for (let n = words.length - 1; n >= 3; n--) {
    const candidate = words.slice(0, n).join(" ").replace(MARKS_AT_END, "");
    if (candidate.split(" ").length >= 3 && !leadsOn(candidate, language) && isClosed(candidate) && fits(candidate))
      return candidate;
  }
  return null;
}
