import { wordsOf } from "./words.ts";

/** Named styles of capitals. Title styles are for English; they are named after the handbooks whose rule they follow. */
export type LetterCase = "sentence" | "chicago" | "ap" | "apa" | "lower";

export const LETTER_CASES: Readonly<Record<LetterCase, { name: string; says: string }>> = {
  sentence: { name: "Sentence case", says: "Only the first word and proper names begin with a capital." },
  chicago: {
    name: "Title case, Chicago",
    says: "Articles, conjunctions and prepositions of up to four letters stay small.",
  },
  ap: { name: "Title case, AP", says: "Articles, conjunctions and prepositions of up to three letters stay small." },
  apa: { name: "Title case, APA", says: "Small words of up to three letters stay small, longer ones do not." },
  lower: { name: "Lower case", says: "Everything small, except abbreviations and proper names." },
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

/** Words written with capitals of their own: abbreviations, and names such as McCoy or eBay. */
const ownCapitals = (word: string) => /\p{Lu}.*\p{Lu}|\p{Ll}\p{Lu}/u.test(word);

const capital = (word: string) => word.replace(/\p{L}/u, (letter) => letter.toUpperCase());

/** Where a new sentence or subtitle begins: the start, and behind a colon, a full stop, a dash or a bar with spaces. */
const STARTS = /[:.!?|]\s+["'“‘(]*$|\s[–—-]\s+["'“‘(]*$|^["'“‘(\s]*$/;

export interface CaseOptions {
  language: string;
  /** Words that keep their capitals in sentence and lower case, as written; compared without case. */
  names?: ReadonlySet<string>;
}

/** A text in another case. Words with capitals of their own stay as they are. */
export function inCase(text: string, style: LetterCase, { language, names }: CaseOptions): string {
  const words = wordsOf(text, language);
  const shouting = text === text.toUpperCase() && /\p{Lu}{2}.*\s.*\p{Lu}/u.test(text);
  const proper = new Map([...(names ?? [])].map((name) => [name.toLowerCase(), name]));
  let result = "";
  let at = 0;
  words.forEach(({ start, end }, i) => {
    const before = text.slice(at, start);
    const word = text.slice(start, end);
    const opens = STARTS.test(text.slice(Math.max(0, start - 8), start)) || i === 0;
    const last = i === words.length - 1 || /^["'”’)]*\s*[:|]|^\s+[–—]\s/.test(text.slice(end, end + 4));
    result += before + convert(word, style, { opens, last, proper, shouting, text, start });
    at = end;
  });
  return result + text.slice(at);
}

interface Place {
  opens: boolean;
  last: boolean;
  proper: ReadonlyMap<string, string>;
  shouting: boolean;
  text: string;
  start: number;
}

function convert(word: string, style: LetterCase, { opens, last, proper, shouting, text, start }: Place): string {
  const lower = word.toLowerCase();
  // Glued to what stands before, as in "Q&A" or "hair[cut]": part of that word.
  const glued = /[\p{L}\p{N}][^\s\p{L}\p{N}/–—-]+$/u.test(text.slice(Math.max(0, start - 8), start));
  if (glued) return shouting ? lower : word;
  if (!shouting && ownCapitals(word)) return word;
  if (style === "sentence" || style === "lower") {
    const name = proper.get(lower);
    if (name) return name;
    return opens && style === "sentence" ? capital(lower) : lower;
  }
  const small = SMALL[style].has(lower) && !opens && !last;
  return small ? lower : capital(lower);
}

/** Words that a text writes with a capital in the middle of its sentences: proper names, as far as can be seen. */
export function properNames(texts: readonly string[], language: string): Set<string> {
  const capitals = new Map<string, number>();
  const small = new Set<string>();
  for (const text of texts) {
    for (const { start, end } of wordsOf(text, language)) {
      const word = text.slice(start, end);
      if (STARTS.test(text.slice(Math.max(0, start - 8), start))) continue;
      if (/^\p{Lu}/u.test(word)) capitals.set(word, (capitals.get(word) ?? 0) + 1);
      else small.add(word.toLowerCase());
    }
  }
  return new Set([...capitals.keys()].filter((word) => !small.has(word.toLowerCase())));
}
