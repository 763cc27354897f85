import { segmenterFor } from "./segmenter.ts";
import { endsInAbbreviation } from "./sentence-start.ts";

/** Languages that write “3.” for “third”, so that a full stop behind a number of one or two digits ends nothing. */
const ORDINALS = new Set("cs da de et fi fo gsw hr hu is lb lv nb nn no pl sk sl sr".split(" "));
const ORDINAL = /(?:^|[\s(])\d{1,2}\.\s+$/;
/** A number that is an item's or a heading's: “2.” or “4.1.” with nothing before it. */
const NUMBERING = /^\s*(?:\d{1,3}\.)+\s+$/;

/**
 * The sentences of a text, each with the white space behind it, so that together they are the text. They end where a reader
 * would say so: breaks of UAX #29 behind abbreviations, initials and ordinals are none. `language` is a BCP 47 tag or "".
 */
export function sentencesOf(text: string, language: string): string[] {
  const ordinals = ORDINALS.has(language.toLowerCase().split("-")[0] ?? "");
  const sentences: string[] = [];
  let open = "";
  for (const { segment } of segmenterFor(language, "sentence").segment(text)) {
    open += segment;
    const goesOn = endsInAbbreviation(open) || (ordinals && ORDINAL.test(open)) || NUMBERING.test(open);
    if (goesOn) continue;
    sentences.push(open);
    open = "";
  }
  return open === "" ? sentences : [...sentences, open];
}

const ENDED = /[.!?…。．！？][\s"'“”‘’«»)\]」』]*$/u;
const LETTERLESS_SCRIPT = /[\p{sc=Han}\p{sc=Hiragana}\p{sc=Katakana}\p{sc=Thai}]/u;
/** “Table 53.”, “Beispiel 4-2:”: a name with a number, in whatever language. */
const LABEL = /^\p{Lu}[\p{L}\p{M}]*\.?\s+\d+(?:[.–-]\d+)*\s*[.:]?\s*$/u;
const OPTION = /(?:^|[\s[(|])--?[\p{L}\d][\w-]*/gu;
const BRACKET = /[[\]{}<>|=]/g;

/** Words that a sentence and a statement have at least, and characters where words are not parted. */
const FEWEST_WORDS = 3;
const FEWEST_OF_STATEMENT = 4;
const FEWEST_CHARACTERS = 8;

/**
 * Whether a text is a sentence that can be read: no label with a number, no synopsis of a command, no scrap of code; it has an
 * end and a few words.
 */
export const isSentence = (text: string): boolean => isWhole(text, FEWEST_WORDS);

/** Whether a sentence says something when it is read alone. */
export const isStatement = (sentence: string): boolean => isWhole(sentence, FEWEST_OF_STATEMENT);

function isWhole(sentence: string, fewest: number): boolean {
  const text = sentence.trim();
  if (!ENDED.test(text) || LABEL.test(text)) return false;
  const options = text.match(OPTION)?.length ?? 0;
  const brackets = text.match(BRACKET)?.length ?? 0;
  const words = text.split(/\s+/).length;
  if (options + brackets > 1 && (options + brackets) * 4 > words) return false;
  if (LETTERLESS_SCRIPT.test(text)) return [...text].length >= FEWEST_CHARACTERS;
  return words >= fewest && /\p{Ll}/u.test(text);
}
