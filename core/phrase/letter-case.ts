import { isInfinitive, isParticleOf } from "./english-verbs.ts";
import { lowerCase } from "./fold.ts";
import { isLooseWord } from "./loose-words.ts";
import { opensSentence } from "./sentence-start.ts";
import { isStopWord } from "./stop-words.ts";
import { type Word, wordsOf } from "./words.ts";
import type { WrittenNames } from "./written-names.ts";

/** Named styles of capitals. Title styles are for English; they are named after the handbooks whose rule they follow. */
export type LetterCase = "sentence" | "chicago" | "ap" | "apa" | "lower";

export const LETTER_CASES: Readonly<Record<LetterCase, { name: string; label: string }>> = {
  sentence: { name: "Sentence case", label: "Only the first word and proper names begin with a capital." },
  chicago: {
    name: "Title case, Chicago",
    label: "Articles, conjunctions and prepositions of up to four letters stay small.",
  },
  ap: { name: "Title case, AP", label: "Articles, conjunctions and prepositions of up to three letters stay small." },
  apa: { name: "Title case, APA", label: "Small words of up to three letters stay small, longer ones do not." },
  lower: { name: "Lower case", label: "Everything small, except abbreviations and proper names." },
};

// The handbooks' rules, from memory: The Chicago Manual of Style (18th edition, 8.160), the AP Stylebook ("composition
// titles") and the APA Publication Manual (7th edition, 6.17).
const ARTICLES = "a an the";
const CONJUNCTIONS = "and but for nor or so yet";
const SHORT_PREPOSITIONS = "as at by in of off on per to up via";
const FOUR_LETTER_PREPOSITIONS = "amid atop down from into like near onto over past plus than upon with";

const set = (...lists: string[]) => new Set(lists.join(" ").split(" "));
const SMALL: Record<"chicago" | "ap" | "apa", ReadonlySet<string>> = {
  chicago: set(
    ARTICLES,
    "and but for nor or",
    SHORT_PREPOSITIONS.replace(" per", " per v vs"),
    FOUR_LETTER_PREPOSITIONS,
  ),
  ap: set(ARTICLES, CONJUNCTIONS, SHORT_PREPOSITIONS, "if v vs"),
  apa: set(ARTICLES, CONJUNCTIONS, SHORT_PREPOSITIONS, "if v vs"),
};
/** Chicago, 8.161: what follows a prefix that is no word of its own stays small (Anti-inflammatory, E-mail). */
const PREFIX =
  /(?:^|[^\p{L}\p{N}-])(?:anti|bi|co|counter|de|e|ex|extra|hyper|inter|intra|macro|mega|micro|mid|mini|mono|multi|neo|non|pan|post|pre|pro|pseudo|quasi|re|semi|sub|super|trans|tri|ultra|un)-$/iu;
/** Words that carry no subject and names both: a month, and forenames. */
const NAMES_TOO = set("may will");
/** Words of English that are no names wherever they stand. */
const NEVER_NAMES = set(
  ARTICLES,
  CONJUNCTIONS,
  SHORT_PREPOSITIONS,
  FOUR_LETTER_PREPOSITIONS,
  "if v vs how what when where which who whom whose why",
);

const isNoName = (lower: string) => NEVER_NAMES.has(lower) || (isLooseWord(lower, "en") && !NAMES_TOO.has(lower));

const isGerman = (language: string) => /^de\b/i.test(language);
const isDutch = (language: string) => /^nl\b/i.test(language);

/** Words written with capitals of their own: abbreviations, and names such as McCoy or eBay. */
function hasInnerCapitals(word: string, language: string): boolean {
  const plain = isDutch(language) ? word.replace(/^IJ(?=\p{Ll})/u, "I") : word;
  return /\p{Lu}.*\p{Lu}|\p{Ll}\p{Lu}/u.test(plain);
}

/** A word with its first letter as a capital; İ for a Turkish i, and both letters of a Dutch ij. */
function capital(word: string, language: string): string {
  if (isDutch(language) && /^ij/i.test(word)) return `IJ${word.slice(2)}`;
  return word.replace(/\p{L}/u, (letter) =>
    /^(?:tr|az)\b/i.test(language) ? letter.toLocaleUpperCase(language) : letter.toUpperCase(),
  );
}

/** A dash without spaces begins a subtitle in titles, and nothing in sentences. */
const DASH = /\p{L}—["'“‘(]*$/u;
export interface CaseOptions {
  language: string;
  /** What is known to be a name and what is not; without it only words that are never names lose their capitals. */
  names?: WrittenNames;
}

export interface Cased {
  text: string;
  /** Words of which it is not known whether they are names, or in German nouns: they stay as they are. */
  unsure: string[];
  /** Words of a text in capitals that became small, though they may be names. */
  lowered: string[];
}

/** A text in another case. Words with capitals of their own stay as they are. */
export const inCase = (text: string, style: LetterCase, options: CaseOptions): string =>
  toCase(text, style, options).text;

/** A text of which a stretch alone is in another case, as it would be within the whole. Offsets in UTF-16 code units. */
export function inCaseWithin(
  text: string,
  { start, end }: { start: number; end: number },
  style: LetterCase,
  options: CaseOptions,
): string {
  const whole = inCase(text, style, options);
  // Some letters become two: then the stretch is looked at by itself.
  const stretch =
    whole.length === text.length ? whole.slice(start, end) : inCase(text.slice(start, end), style, options);
  return text.slice(0, start) + stretch + text.slice(end);
}

/** A text in another case, with the words that were left alone because they may be names. */
export function toCase(text: string, style: LetterCase, { language, names }: CaseOptions): Cased {
  const words = wordsOf(text, language);
  const shouting = text === text.toUpperCase() && /\p{Lu}{2}.*\s.*\p{Lu}/u.test(text);
  const kept = names ? namedIn(text, words, names) : new Map<number, string>();
  const [unsure, lowered]: [string[], string[]] = [[], []];
  const spelled = shouting && isGerman(language) ? withSharpS(names) : null;
  let result = "";
  let at = 0;
  words.forEach(({ start, end }, i) => {
    const inTitle = style !== "sentence" && style !== "lower";
    const opens =
      i === 0 || opensSentence(text, start) || (inTitle && DASH.test(text.slice(Math.max(0, start - 8), start)));
    const last =
      i === words.length - 1 || /^["'”’)]*\s*[:|]|^\s+[–—]\s|^["'”’)]*—\p{L}/u.test(text.slice(end, end + 4));
    // “Turn it off”: the verb may stand before its object.
    const verb = words[/^(?:it|them)$/i.test(words[i - 1]?.text ?? "") ? i - 2 : i - 1];
    const neighbours = { previous: verb?.text ?? "", next: words[i + 1]?.text ?? "" };
    const place = { opens, last, shouting, text, start, language, names, unsure, lowered, spelled, ...neighbours };
    result += text.slice(at, start) + (kept.get(i) ?? convert(text.slice(start, end), style, place));
    at = end;
  });
  // German in capitals shows no nouns: it is put right only where every word is known.
  if (spelled && unsure.length > 0) return { text, unsure: [...new Set(unsure)], lowered: [] };
  return { text: result + text.slice(at), unsure: [...new Set(unsure)], lowered: [...new Set(lowered)] };
}

/** Words that are written with ß, by how they stand in capitals. */
function withSharpS(names: WrittenNames | undefined): ReadonlyMap<string, string> {
  const known = names ? [...names.small, ...names.words.keys()] : [];
  return new Map(known.filter((word) => word.includes("ß")).map((word) => [word.replaceAll("ß", "ss"), word]));
}

/** The words of a text that belong to names of several words, as those are written. */
function namedIn(text: string, words: readonly Word[], { phrases }: WrittenNames): Map<number, string> {
  const kept = new Map<number, string>();
  if (phrases.size === 0) return kept;
  const lower = words.map(({ start, end }) => text.slice(start, end).toLowerCase());
  for (let i = 0; i < words.length; i++) {
    for (let n = Math.min(6, words.length - i); n > 1; n--) {
      const written = phrases.get(lower.slice(i, i + n).join(" "));
      if (!written) continue;
      // “The” before a name is a part of it at the beginning of a sentence only.
      for (const [k, word] of written.split(" ").entries())
        if (k > 0 || !NEVER_NAMES.has(word.toLowerCase())) kept.set(i + k, word);
      i += n - 1;
      break;
    }
  }
  return kept;
}

interface Place {
  opens: boolean;
  last: boolean;
  shouting: boolean;
  text: string;
  start: number;
  language: string;
  names: WrittenNames | undefined;
  unsure: string[];
  lowered: string[];
  /** Of German in capitals: words with ß, by how they stand there with ss. */
  spelled: ReadonlyMap<string, string> | null;
  /** The word before it, or before its object, and the one after it; "" where there is none. */
  previous: string;
  next: string;
}

/** Whether a small word of a title is written with a capital where it stands: a part of a verb, and AP's “To” before one. */
const isVerbal = (word: string, style: LetterCase, { previous, next }: Place): boolean =>
  isParticleOf(word, previous.toLowerCase()) || (style === "ap" && word === "to" && isInfinitive(next.toLowerCase()));

function convert(word: string, style: LetterCase, place: Place): string {
  const { opens, last, shouting, text, start, language } = place;
  // As much of what stands before as any of these looks at.
  const before = text.slice(Math.max(0, start - 40), start);
  const plain = isDutch(language) ? word.toLowerCase() : lowerCase(word, language);
  const lower = place.spelled?.get(plain) ?? plain;
  // A variable of a template is no word.
  if (word.includes("_") || /[{%$<]$/.test(before)) return word;
  // Glued to what stands before, as in "Q&A" or "hair[cut]": part of that word.
  const glued = /[\p{L}\p{N}][^\s\p{L}\p{N}/–—-]+$/u.test(text.slice(Math.max(0, start - 8), start));
  if (glued) return shouting ? lower : word;
  if (!shouting && hasInnerCapitals(word, language)) return word;
  // The English pronoun, alone and in "I'm" and its like.
  if (/^(?:en\b|$)/i.test(language) && /^i(?:['’](?:m|d|ll|ve|s))?$/i.test(word)) return capital(lower, language);
  if (style === "sentence" || style === "lower") {
    if (opens && style === "sentence") {
      // Behind a colon or a dash some begin with a capital and some do not: it stays as it was written.
      if (/(?::|\s[–—-])\s+["'“‘(]*$/.test(before) && !shouting) return word;
      return capital(place.names?.words.get(lower) ?? lower, language);
    }
    return small(word, lower, place);
  }
  // “1st” has no first letter to be a capital.
  if (/^\p{N}/u.test(word)) return shouting ? lower : word;
  if (style === "chicago" && PREFIX.test(before)) return lower;
  const staysSmall = SMALL[style].has(lower) && !opens && !last && !isVerbal(lower, style, place);
  return staysSmall ? lower : capital(lower, language);
}

/** A word in the middle of a sentence: small where it is sure that it is no name. */
function small(word: string, lower: string, { shouting, language, names, unsure, lowered }: Place): string {
  if (word === lower) return word;
  const name = names?.words.get(lower);
  if (name) return name;
  const english = /^(?:en\b|$)/i.test(language);
  if (names?.small.has(lower) || isStopWord(lower, language || "en") || (english && isNoName(lower))) return lower;
  if (!shouting || isGerman(language)) {
    unsure.push(word);
    return word;
  }
  lowered.push(word);
  return lower;
}
