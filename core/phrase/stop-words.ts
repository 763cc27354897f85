import { foldDiacritics } from "./fold.ts";

/**
 * Words that carry no subject: articles, prepositions, conjunctions, forms of "to be". Common practice, no source. Kept
 * short on purpose: published lists count words like "open" and "home", which a page may well be about.
 */
const STOP_WORDS: Record<string, string> = {
  cy: "a ac ag ar am at dan gan gyda heb hyd i mewn neu o oddi rhag tan tros trwy wrth y yn yng ym yr",
  de: "als am an auf aus bei das dem den der des die ein eine einem einen einer eines es für im in ist mit oder sind um und vom von vor zu zum zur über",
  en: "a an and are as at be but by for from in into is it its of off on onto or our over so than that the their then these this those to up via was we were with your",
  es: "a al con de del desde e el en entre es la las lo los o para por que se sin sobre su sus u un una y",
  fr: "a à au aux avec ce ces cette dans de des du en est et la le les leur ou par pour qu que qui sa se ses son sont sur un une d l",
  it: "a ad ai al alla alle con da dal dalla dei del della delle di e è ed gli i il in la le lo nel nella o per su sul sulla tra un una uno",
  nl: "aan als bij de dat die een en het hun in is met naar of om onze op over te tot uit van voor zijn",
  pt: "a ao aos as com da das de do dos e é em entre na nas no nos o os ou para pela pelo por que se um uma",
  sv: "att av de den det en ett för från i med och om på som till vid är",
};

/** Words of a language, with their diacritics or without. */
export function wordsIn(lists: Record<string, string>): (language: string) => ReadonlySet<string> {
  const sets = new Map<string, ReadonlySet<string>>();
  return (language) => {
    const primary = language.slice(0, 2).toLowerCase();
    let set = sets.get(primary);
    if (!set) {
      const words = (lists[primary] ?? "").split(" ");
      set = new Set([...words, ...words.map((word) => foldDiacritics(word, primary))]);
      sets.set(primary, set);
    }
    return set;
  };
}

const stopWords = wordsIn(STOP_WORDS);

/** Whether a lower-case word, with its diacritics or without, is a stop word of the language; never, where there is no list. */
export const isStopWord = (word: string, language: string): boolean => stopWords(language).has(word);
