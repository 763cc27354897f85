import { foldDiacritics, lowerCase } from "./fold.ts";
import { stem } from "./stem.ts";
import { isStopWord } from "./stop-words.ts";
import { type Word, wordsOf } from "./words.ts";

/**
 * How a phrase stands in a text: `exact`, the same words in order; `form`, the same stems in order, where inner stop words
 * may differ; `scattered`, all stems within one sentence.
 */
export type MatchKind = "exact" | "form" | "scattered";

export interface Match {
  kind: MatchKind;
  /** UTF-16 code units in the text. */
  start: number;
  end: number;
  /** The matched words one by one; for `scattered` they do not stand together. */
  words: Word[];
}

export interface MatchOptions {
  /** BCP 47 tag of the text, or "". */
  language: string;
  /** Whether é counts as e. Default true. */
  foldDiacritics?: boolean;
}

interface Token extends Word {
  plain: string;
  stem: string;
  stop: boolean;
}

/** Texts taken apart lately: several rules look for one phrase in one title. */
const recent = new Map<string, readonly Token[]>();
const REMEMBERED_TEXTS = 256;
/** Texts from this length on are remembered apart, a few of them. */
const LONG = 2000;
const recentLong = new Map<string, readonly Token[]>();
const REMEMBERED_LONG = 4;

function tokensOf(text: string, { language, foldDiacritics: fold = true }: MatchOptions): readonly Token[] {
  const key = `${language} ${fold} ${text}`;
  const [texts, most] = text.length < LONG ? [recent, REMEMBERED_TEXTS] : [recentLong, REMEMBERED_LONG];
  const known = texts.get(key);
  if (known) return known;
  const tokens = wordsOf(text, language).map(({ text: word, start, end }) => {
    const lower = lowerCase(word, language).replaceAll("’", "'");
    return {
      text: word,
      start,
      end,
      plain: fold ? foldDiacritics(lower) : lower,
      stem: fold ? stem(word, language) : lower,
      stop: isStopWord(lower, language),
    };
  });
  if (texts.size >= most) texts.clear();
  texts.set(key, tokens);
  return tokens;
}

function exactAt(tokens: readonly Token[], phrase: readonly Token[], at: number): boolean {
  return phrase.every((word, i) => tokens[at + i]?.plain === word.plain);
}

/** Index behind the last token where the stems stand from `at` on with only stop words between, or -1. */
function formAt(tokens: readonly Token[], stems: readonly Token[], at: number): number {
  let i = at;
  for (const [n, word] of stems.entries()) {
    if (n > 0) while (tokens[i]?.stop && tokens[i]?.stem !== word.stem) i++;
    if (tokens[i]?.stem !== word.stem) return -1;
    i++;
  }
  return i;
}

const SENTENCE_END = /[.!?…。！？]["'”’)\]]*(?=\s|$)|\n/g;

function sentencesOf(text: string): { start: number; end: number }[] {
  const sentences = [];
  let start = 0;
  for (const match of text.matchAll(SENTENCE_END)) {
    const end = match.index + match[0].length;
    sentences.push({ start, end });
    start = end;
  }
  sentences.push({ start, end: text.length });
  return sentences;
}

/** Languages with cases of their own, or whose stemmers take the beginnings of words off. */
const APART = /^(?:tr|az|lt|ar|fa|ur|he|id|ms|ga)\b/i;
/** Letters that fold to two. */
const DOUBLE = /[æœ]/;

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
  const lower = text.toLowerCase();
  const accented = ACCENTED.test(lower);
  if (accented && DOUBLE.test(lower)) return true;
  return stems.every(({ stem: one }) => {
    if (!/^[a-z0-9]+$/.test(one)) return true;
    const { letters, marked } = beginningOf(one);
    return lower.includes(letters) || (accented && marked.test(lower.normalize("NFC")));
  });
}

/** Every place where the phrase stands in the text exactly or in another form, in order; else one scattered place, or none. */
export function findPhrase(phrase: string, text: string, options: MatchOptions): Match[] {
  const wanted = tokensOf(phrase, options);
  if (wanted.length === 0) return [];
  const content = wanted.filter((word) => !word.stop);
  const stems = content.length > 0 ? content : wanted;
  if (!mayHold(text, stems, options.language)) return [];
  const tokens = tokensOf(text, options);
  const matches: Match[] = [];
  for (let i = 0; i < tokens.length; ) {
    const exact = exactAt(tokens, wanted, i);
    const end = exact ? i + wanted.length : formAt(tokens, stems, i);
    const words = end < 0 ? [] : tokens.slice(i, end);
    const first = words[0];
    const last = words.at(-1);
    if (first && last) {
      matches.push({ kind: exact ? "exact" : "form", start: first.start, end: last.end, words });
      i = end;
    } else i++;
  }
  if (matches.length > 0) return matches;
  const scattered = findScattered(stems, tokens, text);
  return scattered ? [scattered] : [];
}

function findScattered(stems: readonly Token[], tokens: readonly Token[], text: string): Match | null {
  const present = new Set(tokens.map((token) => token.stem));
  if (!stems.every((word) => present.has(word.stem))) return null;
  let next = 0;
  for (const { start, end } of sentencesOf(text)) {
    const within: Token[] = [];
    for (let token = tokens[next]; token && token.end <= end; token = tokens[++next])
      if (token.start >= start) within.push(token);
    const found = stems.map((word) => within.find((token) => token.stem === word.stem));
    if (found.every((token) => token !== undefined)) {
      const words = [...found].sort((a, b) => a.start - b.start);
      return { kind: "scattered", start: words[0]?.start ?? start, end: words.at(-1)?.end ?? end, words };
    }
  }
  return null;
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

/** The stems of a text's words that carry a subject. */
export function contentStems(text: string, language: string): Set<string> {
  return new Set(
    tokensOf(text, { language })
      .filter((t) => !t.stop)
      .map((t) => t.stem),
  );
}
