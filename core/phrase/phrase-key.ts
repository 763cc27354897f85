import { foldDiacritics, lowerCase } from "./fold.ts";
import { wordsOf } from "./words.ts";

/** Longest phrase that is kept, in UTF-16 code units: nobody searches for more. Common practice, no source. */
export const LONGEST_PHRASE = 200;

/** What names a phrase: written with other capitals, accents, spaces or signs it is the same. "" where it holds no word. */
export const phraseKey = (text: string): string =>
  wordsOf(text.slice(0, LONGEST_PHRASE), "")
    .map(({ text: word }) => foldDiacritics(lowerCase(word, ""), ""))
    .join(" ");

/** Why a text is no phrase, in a sentence that says what to do; null where it is one. */
export function phraseFault(text: string): string | null {
  const { length } = text.trim();
  if (length > LONGEST_PHRASE)
    return `A phrase has at most ${LONGEST_PHRASE} characters; this has ${length}. Leave out what nobody would type.`;
  if (phraseKey(text) === "") return `“${text.trim()}” holds no word. Say a phrase that somebody would search for.`;
  return null;
}

/** Phrases, each once, without the target phrase. */
export function uniquePhrases(texts: readonly string[], phrase: string): string[] {
  const seen = new Set([phraseKey(phrase), ""]);
  return texts.filter((text) => {
    const key = phraseKey(text);
    return !seen.has(key) && seen.add(key);
  });
}
