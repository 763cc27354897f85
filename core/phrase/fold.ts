const SPECIAL: Record<string, string> = { ß: "ss", ø: "o", ł: "l", đ: "d", æ: "ae", œ: "oe", ı: "i", "’": "'" };

/**
 * Marks that make no other letter of the one before them: those of Latin and Greek letters, the two dots of ё, and the
 * vowel points of Hebrew and Arabic, which are left out in most texts. Elsewhere a mark makes another letter: バ is not ハ,
 * й is not и, and a Thai or Devanagari vowel is a mark.
 */
const MARKS =
  /([\p{sc=Latin}\p{sc=Greek}])\p{Mn}+|(е)\u0308|[\u0591-\u05bd\u05bf\u05c1\u05c2\u05c4\u05c5\u05c7\u064b-\u0652\u0670]|\p{Cf}/gu;
const UNSEEN = /\p{Cf}/gu;
/** Languages that tell words apart by their marks: in Vietnamese these are vowels and tones (bàn, bán). */
const MARKED = /^vi\b/i;

/** Lower case as the language has it (Turkish İ and I), in NFC. */
export function lowerCase(text: string, language: string): string {
  const normal = text.normalize("NFC");
  // Only these languages have letters that fold otherwise; asking for a locale is slow.
  if (!/^(?:tr|az|lt)/i.test(language)) return normal.toLowerCase();
  try {
    return normal.toLocaleLowerCase(language || undefined);
  } catch {
    return normal.toLowerCase();
  }
}

/**
 * Removes diacritics that make no other letter, and characters that are not seen, such as soft hyphens: é → e, ß → ss,
 * ø → o. Expects lower case. `language` is a BCP 47 tag, or "" if it is not known.
 */
export function foldDiacritics(text: string, language: string): string {
  if (/^[\x20-\x7e]*$/.test(text)) return text;
  if (MARKED.test(language)) return text.normalize("NFC").replace(UNSEEN, "").replaceAll("’", "'");
  // Most of a text in Latin letters is ASCII, which folds to itself.
  return text.replace(NOT_ASCII, foldRun);
}

/** Letters that are not ASCII, with the one that their first mark may belong to. */
const NOT_ASCII = /[a-z]?[^\x20-\x7e]+/g;

/** Runs of up to this many UTF-16 code units are remembered: a language has few accented letters. */
const SHORT = 3;
const folded = new Map<string, string>();
const REMEMBERED_RUNS = 5_000;

function foldRun(run: string): string {
  if (run.length > SHORT) return foldAll(run);
  let result = folded.get(run);
  if (result === undefined) {
    if (folded.size > REMEMBERED_RUNS) folded.clear();
    result = foldAll(run);
    folded.set(run, result);
  }
  return result;
}

/** What may fold; Cyrillic and Han letters do not. */
const MAY_FOLD = /[\p{sc=Latin}\p{sc=Greek}\p{M}\p{Cf}ё’]/u;

const foldAll = (text: string): string => {
  if (!MAY_FOLD.test(text)) return text;
  return text
    .normalize("NFD")
    .replace(MARKS, "$1$2")
    .replace(/[ßøłđæœı’]/g, (c) => SPECIAL[c] ?? c)
    .normalize("NFC");
};
