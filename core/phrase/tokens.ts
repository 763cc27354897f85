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

/** What of a word does not depend on where it stands. */
export type Form = Pick<Token, "plain" | "stem" | "stop">;

/** Forms of words, by language: most words of a text have been seen before. */
const forms = new Map<string, Map<string, Form>>();
/** Words kept a language; beyond it the memory begins anew. */
const REMEMBERED_WORDS = 50_000;

function formsIn({ language, foldDiacritics: fold = true }: MatchOptions): Map<string, Form> {
  const name = fold ? language : `${language} unfolded`;
  let known = forms.get(name);
  if (!known || known.size > REMEMBERED_WORDS) {
    known = new Map();
    forms.set(name, known);
  }
  return known;
}

/** A word's form; stems are remembered. */
export function formOf(word: string, { language, foldDiacritics: fold = true }: MatchOptions): Form {
  const lower = lowerCase(word, language).replaceAll("’", "'");
  const plain = fold ? foldDiacritics(lower, language) : lower;
  return { plain, stem: fold ? stem(word, language) : lower, stop: isStopWord(plain, language) };
}

/** Takes a text apart: its words with what is compared of them. */
function takeApart(text: string, options: MatchOptions): readonly Token[] {
  const known = formsIn(options);
  return wordsOf(text, options.language).map(({ text: word, start, end }) => {
    let form = known.get(word);
    if (!form) {
      form = formOf(word, options);
      known.set(word, form);
    }
    return { text: word, start, end, plain: form.plain, stem: form.stem, stop: form.stop };
  });
}

/** Texts taken apart lately: several rules look for one phrase in one title. */
const recent = new Map<string, readonly Token[]>();
const REMEMBERED_TEXTS = 256;
/** Texts from this length on are remembered apart, a few of them. */
const LONG = 2000;
const recentLong = new Map<string, readonly Token[]>();
const REMEMBERED_LONG = 4;

/** As `takeApart`, which is remembered for a while. */
export function tokensOf(text: string, options: MatchOptions): readonly Token[] {
  const key = `${options.language} ${options.foldDiacritics ?? true} ${text}`;
  const [texts, most] = text.length < LONG ? [recent, REMEMBERED_TEXTS] : [recentLong, REMEMBERED_LONG];
  const known = texts.get(key);
  if (known) return known;
  const tokens = takeApart(text, options);
  if (texts.size >= most) texts.clear();
  texts.set(key, tokens);
  return tokens;
}
