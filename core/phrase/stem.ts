import snowball from "snowball-stemmers";
import { foldDiacritics, lowerCase } from "./fold.ts";

/** Snowball's algorithm for a language (snowballstem.org); languages without one are compared by whole words. */
const ALGORITHMS: Record<string, string> = {
  da: "danish",
  de: "german",
  en: "english",
  es: "spanish",
  fi: "finnish",
  fr: "french",
  hu: "hungarian",
  it: "italian",
  nb: "norwegian",
  nl: "dutch",
  nn: "norwegian",
  no: "norwegian",
  pt: "portuguese",
  ro: "romanian",
  ru: "russian",
  sv: "swedish",
  tr: "turkish",
};

interface Stemmer {
  stem(word: string): string;
}

const stemmers = new Map<string, Stemmer | null>();
const remembered = new Map<string, Map<string, string>>();
/** Words kept a language; beyond it the memory begins anew, so that a large site does not fill it. */
const REMEMBERED_WORDS = 100_000;

function stemmerFor(primary: string): Stemmer | null {
  let stemmer = stemmers.get(primary);
  if (stemmer === undefined) {
    const algorithm = ALGORITHMS[primary];
    stemmer = algorithm ? snowball.newStemmer(algorithm) : null;
    stemmers.set(primary, stemmer);
  }
  return stemmer;
}

/** A word's stem, folded, so that two forms of a word compare equal. `language` is a BCP 47 tag, or "". */
export function stem(word: string, language: string): string {
  const primary = language.slice(0, 2).toLowerCase();
  let memory = remembered.get(primary);
  if (!memory || memory.size > REMEMBERED_WORDS) {
    memory = new Map();
    remembered.set(primary, memory);
  }
  let result = memory.get(word);
  if (result === undefined) {
    const lower = lowerCase(word, language).replaceAll("’", "'");
    result = foldDiacritics(stemmerFor(primary)?.stem(lower) ?? lower);
    memory.set(word, result);
  }
  return result;
}
