import { type Match, phraseFinder } from "./phrase-finder.ts";
import { type MatchOptions, type Token, tokensOf } from "./tokens.ts";

/** Languages with cases of their own, or whose stemmers take the beginnings of words off. */
const APART = /^(?:tr|az|lt|ar|fa|ur|he|id|ms|ga)\b/i;
/** Letters that fold to two. */
const DOUBLE = /[æœ]/;

/** Soft hyphens, joiners and the like, within words too. */
const UNSEEN = /[\u00ad\u200b-\u200f\u2060-\u2064\ufeff]/;
const ACCENTED = /[\u00c0-\u024f]/;

/** How words with a stem begin, in lower case: the letters, and the same with a diacritic on any of them. */
interface Beginning {
  letters: string;
  marked: RegExp;
}
const beginnings = new Map<string, Beginning>();

function beginningOf(stem: string): Beginning {
  let beginning = beginnings.get(stem);
  if (!beginning) {
    const letters = stem.slice(0, stem.length <= 3 ? 2 : Math.max(3, stem.length - 2));
    const marked = new RegExp([...letters].map((letter) => `[${letter}\\u00c0-\\u024f]`).join(""));
    beginning = { letters, marked };
    if (beginnings.size > 500) beginnings.clear();
    beginnings.set(stem, beginning);
  }
  return beginning;
}

/**
 * Whether a text may hold words of all stems: taking it apart is slow, and most blocks of a page hold no word of a phrase.
 * Elsewhere stemmers change the ends of words, never their first letters.
 */
function mayHold(text: string, stems: readonly Token[], language: string): boolean {
  if (APART.test(language)) return true;
  const lower = (UNSEEN.test(text) ? text.replace(/\p{Cf}/gu, "") : text).toLowerCase();
  const accented = ACCENTED.test(lower);
  if (accented && DOUBLE.test(lower)) return true;
  return stems.every(({ stem: one }) => {
    if (!/^[a-z0-9]+$/.test(one)) return true;
    const { letters, marked } = beginningOf(one);
    return lower.includes(letters) || (accented && marked.test(lower.normalize("NFC")));
  });
}

/** Looks for one phrase in texts of a language. */
export interface PhraseLook {
  /** False where a text cannot hold it, which is found out without taking it apart. */
  may(text: string): boolean;
  /** Every place where the phrase stands exactly or in another form, in order; else one scattered place, or none. */
  find(text: string): Match[];
}

const NOTHING: Match[] = [];

/** Makes what looks for one phrase. */
export function lookFor(phrase: string, options: MatchOptions): PhraseLook {
  const wanted = tokensOf(phrase, options);
  const content = wanted.filter((word) => !word.stop);
  const stems = content.length > 0 ? content : wanted;
  const may = (text: string) => stems.length > 0 && mayHold(text, stems, options.language);
  const finder = phraseFinder([phrase], options);
  return { may, find: (text) => (may(text) ? finder.find(text) : NOTHING) };
}

/** What looks for one phrase, kept from one text to the next. */
const looks = new Map<string, PhraseLook>();
const REMEMBERED_PHRASES = 256;

/** Every place where the phrase stands in the text exactly or in another form, in order; else one scattered place, or none. */
export function findPhrase(phrase: string, text: string, options: MatchOptions): Match[] {
  const key = `${options.language} ${options.foldDiacritics ?? true} ${phrase}`;
  let look = looks.get(key);
  if (!look) {
    look = lookFor(phrase, options);
    if (looks.size >= REMEMBERED_PHRASES) looks.clear();
    looks.set(key, look);
  }
  return look.find(text);
}

/** The words of a text that a result sets in bold for a phrase: every word with a stem of the phrase, without stop words. */
export function boldWords(phrase: string, text: string, options: MatchOptions): { start: number; end: number }[] {
  const stems = new Set<string>();
  for (const token of tokensOf(phrase, options)) if (!token.stop) stems.add(token.stem);
  const ranges: { start: number; end: number }[] = [];
  if (stems.size === 0) return ranges;
  for (const token of tokensOf(text, options)) {
    if (!stems.has(token.stem)) continue;
    const last = ranges.at(-1);
    // Neighbouring words are one run, with the space between.
    if (last && /^\s*$/.test(text.slice(last.end, token.start))) last.end = token.end;
    else ranges.push({ start: token.start, end: token.end });
  }
  return ranges;
}
