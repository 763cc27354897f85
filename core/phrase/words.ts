import { segmenterFor } from "./segmenter.ts";

/** A word in a text, in UTF-16 code units. */
export interface Word {
  text: string;
  start: number;
  end: number;
}

// UAX #29 word boundaries for scripts written with spaces (WB4–WB13): letters, digits and what joins them inside a word,
// marks and what is not seen, such as soft hyphens, belonging to what they stand behind. Beyond it, C++ and C# are words: “C”
// is another one.
const WORD =
  /[\p{L}\p{N}\p{Pc}][\p{L}\p{M}\p{N}\p{Pc}\p{Cf}]*(?:(?:(?<=\p{L}[\p{M}\p{Cf}]*)[:·.'’‧][\p{M}\p{Cf}]*(?=\p{L})|(?<=\p{N}[\p{M}\p{Cf}]*)[.,;'’][\p{M}\p{Cf}]*(?=\p{N})|(?<=\p{sc=Hebr}[\p{M}\p{Cf}]*)["'][\p{M}\p{Cf}]*(?=\p{sc=Hebr}))[\p{L}\p{M}\p{N}\p{Pc}\p{Cf}]+)*(?:(?<=\p{sc=Hebr}[\p{M}\p{Cf}]*)')?(?:(?<=\p{L})(?:\+\+|#)(?![\p{L}\p{N}\p{Pc}+#]))?/gu;
/** A line that joins words is none by itself. */
const JOINS_ALONE = /^[\p{Pc}\p{M}\p{Cf}]+$/u;
const UNSPACED =
  /[\p{Script=Han}\p{Script_Extensions=Hiragana}\p{Script_Extensions=Katakana}\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}\p{Script=Myanmar}]/u;
/** Elided articles and pronouns that stand before a vowel, written with the word in French, Italian and Catalan. */
const ELISION = /^(?:[cdjlmnst]|qu|dell|all|dall|nell|sull|un|gli)['’](?=\p{L})/iu;
const ELIDING = new Set(["fr", "it", "ca"]);

/** In ASCII, the same words as above are found in a quarter of the time. */
const ASCII_WORD =
  /[A-Za-z0-9_]+(?:(?:(?<=[A-Za-z])[:.'](?=[A-Za-z])|(?<=[0-9])[.,;'](?=[0-9]))[A-Za-z0-9_]+)*(?:(?<=[A-Za-z])(?:\+\+|#)(?![A-Za-z0-9_+#]))?/g;
const NOT_ASCII = /[^\0-\x7f]/;

/** Adds the different words of a text to a set, in the order in which they stand. */
export function addWords(text: string, language: string, words: Set<string>): void {
  if (NOT_ASCII.test(text) || ELIDING.has(language.slice(0, 2).toLowerCase())) {
    for (const word of wordsOf(text, language)) words.add(word.text);
    return;
  }
  for (const word of text.match(ASCII_WORD) ?? []) if (!JOINS_ALONE.test(word)) words.add(word);
}

/** The words of a text. `language` is a BCP 47 tag, or "" where it is not known. */
export function wordsOf(text: string, language: string): Word[] {
  const words: Word[] = [];
  const eliding = ELIDING.has(language.slice(0, 2).toLowerCase());
  if (!eliding && !NOT_ASCII.test(text)) {
    ASCII_WORD.lastIndex = 0;
    for (let match = ASCII_WORD.exec(text); match; match = ASCII_WORD.exec(text)) {
      const [word] = match;
      if (!JOINS_ALONE.test(word)) words.push({ text: word, start: match.index, end: match.index + word.length });
    }
    return words;
  }
  for (const match of text.matchAll(WORD)) {
    const [word] = match;
    if (JOINS_ALONE.test(word)) continue;
    const start = match.index;
    // A letter that stands alone is a word; asking the segmenter takes a hundred times as long as finding it.
    if (UNSPACED.test(word) && (word.length > 1 || !/\p{L}/u.test(word))) {
      segment(word, start, language, words);
      continue;
    }
    const elided = eliding ? (ELISION.exec(word)?.[0].length ?? 0) : 0;
    if (elided > 0) words.push({ text: word.slice(0, elided - 1), start, end: start + elided - 1 });
    words.push({ text: word.slice(elided), start: start + elided, end: start + word.length });
  }
  return words;
}

// The segmenter's time grows with the square of the length, so it is given short pieces.
const PIECE = 200;

function segment(text: string, offset: number, language: string, words: Word[]): void {
  const segmenter = segmenterFor(language, "word");
  for (let from = 0; from < text.length; from += PIECE) {
    for (const part of segmenter.segment(text.slice(from, from + PIECE))) {
      if (!part.isWordLike) continue;
      const start = offset + from + part.index;
      words.push({ text: part.segment, start, end: start + part.segment.length });
    }
  }
}
