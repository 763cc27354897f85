import { foldDiacritics, lowerCase } from "./fold.ts";
import { type Match, phraseFinder } from "./phrase-finder.ts";
import { type MatchOptions, tokensOf } from "./tokens.ts";

/**
 * The letters that every word with a stem begins with, folded: stemmers change the ends of words, of short ones all but the
 * first letter (tie, tying; in Turkish even that, where it is the last one).
 */
const beginningOf = (stem: string): string => {
  const certain = stem.length <= 3 ? Math.min(1, stem.length - 1) : Math.max(3, stem.length - 2);
  return /^[\p{L}\p{M}\p{N}]*/u.exec(stem.slice(0, certain))?.[0] ?? "";
};

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
  const beginnings = stems.map(({ stem }) => beginningOf(stem));
  // Taking a text apart is slow, and most blocks of a page hold no word of a phrase.
  const may = (text: string) => {
    if (stems.length === 0) return false;
    const lower = lowerCase(text, options.language);
    const folded = (options.foldDiacritics ?? true) ? foldDiacritics(lower, options.language) : lower;
    return beginnings.every((letters) => folded.includes(letters));
  };
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
