import { stemmer as danish } from "@orama/stemmers/danish";
import { stemmer as dutch } from "@orama/stemmers/dutch";
import { stemmer as finnish } from "@orama/stemmers/finnish";
import { stemmer as french } from "@orama/stemmers/french";
import { stemmer as german } from "@orama/stemmers/german";
import { stemmer as hungarian } from "@orama/stemmers/hungarian";
import { stemmer as italian } from "@orama/stemmers/italian";
import { stemmer as norwegian } from "@orama/stemmers/norwegian";
import { stemmer as portuguese } from "@orama/stemmers/portuguese";
import { stemmer as romanian } from "@orama/stemmers/romanian";
import { stemmer as russian } from "@orama/stemmers/russian";
import { stemmer as spanish } from "@orama/stemmers/spanish";
import { stemmer as swedish } from "@orama/stemmers/swedish";
import { stemmer as turkish } from "@orama/stemmers/turkish";
import english from "wink-porter2-stemmer";
import { foldDiacritics, lowerCase } from "./fold.ts";
import { withoutParticles } from "./korean.ts";
import { withoutFleetingVowels } from "./russian.ts";

/**
 * Snowball's algorithm for a language (snowballstem.org), or what takes particles off; words of languages without one are
 * compared whole.
 */
const STEMMERS: Readonly<Record<string, (word: string) => string>> = {
  da: danish,
  de: german,
  en: english,
  es: spanish,
  fi: finnish,
  fr: french,
  hu: hungarian,
  it: italian,
  ko: withoutParticles,
  nb: norwegian,
  nl: dutch,
  nn: norwegian,
  no: norwegian,
  pt: portuguese,
  ro: romanian,
  ru: (word) => withoutFleetingVowels(russian(word.replaceAll("ё", "е"))),
  sv: swedish,
  tr: turkish,
};

const remembered = new Map<string, Map<string, string>>();
/** Words kept a language; beyond it the memory begins anew, so that a large site does not fill it. */
const REMEMBERED_WORDS = 100_000;

/** A longer run of letters is no word that is inflected; the stemmers' time grows with the square of it. In UTF-16 code units. */
const LONGEST_WORD = 100;

/** A word's stem, folded, so that two forms of a word compare equal. `language` is a BCP 47 tag, or "". */
export function stem(word: string, language: string): string {
  if (word.length > LONGEST_WORD) return foldDiacritics(lowerCase(word, language), language);
  const primary = language.slice(0, 2).toLowerCase();
  let memory = remembered.get(primary);
  if (!memory || memory.size > REMEMBERED_WORDS) {
    memory = new Map();
    remembered.set(primary, memory);
  }
  let result = memory.get(word);
  if (result === undefined) {
    const lower = lowerCase(word, language)
      .replaceAll("’", "'")
      .replace(/\p{Cf}/gu, "");
    result = foldDiacritics(STEMMERS[primary]?.(lower) ?? lower, language);
    memory.set(word, result);
  }
  return result;
}
