import { foldDiacritics, lowerCase } from "./fold.ts";
import { stem } from "./stem.ts";
import { isStopWord } from "./stop-words.ts";
import { type Word, wordsOf } from "./words.ts";

/** A word of a text as phrases are compared with it. */
export interface Token extends Word {
  /** In lower case, folded where diacritics make no difference. */
  plain: string;
  stem: string;
  stop: boolean;
}

export interface MatchOptions {
  /** BCP 47 tag of the text, or "". */
  language: string;
  /** Whether é counts as e. Default true. */
  foldDiacritics?: boolean;
}

/** Texts taken apart lately: several rules look for one phrase in one title. */
const recent = new Map<string, readonly Token[]>();
const REMEMBERED_TEXTS = 256;
/** Texts from this length on are remembered apart, a few of them. */
const LONG = 2000;
const recentLong = new Map<string, readonly Token[]>();
const REMEMBERED_LONG = 4;

/** The words of a text with what is compared of them. */
export function tokensOf(text: string, { language, foldDiacritics: fold = true }: MatchOptions): readonly Token[] {
  const key = `${language} ${fold} ${text}`;
  const [texts, most] = text.length < LONG ? [recent, REMEMBERED_TEXTS] : [recentLong, REMEMBERED_LONG];
  const known = texts.get(key);
  if (known) return known;
  const tokens = wordsOf(text, language).map(({ text: word, start, end }) => {
    const lower = lowerCase(word, language).replaceAll("’", "'");
    const plain = fold ? foldDiacritics(lower) : lower;
    return {
      text: word,
      start,
      end,
      plain,
      stem: fold ? stem(word, language) : lower,
      stop: isStopWord(plain, language),
    };
  });
  if (texts.size >= most) texts.clear();
  texts.set(key, tokens);
  return tokens;
}
