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
  it: "a ad ai al alla alle con da dal dalla dei del della delle di e ed gli i il in la le lo nel nella o per su sul sulla tra un una uno",
  nl: "aan als bij de dat die een en het hun in is met naar of om onze op over te tot uit van voor zijn",
  pt: "a ao aos as com da das de do dos e em entre na nas no nos o os ou para pela pelo por que se um uma",
  sv: "att av de den det en ett för från i med och om på som till vid är",
};

/** Pronouns, auxiliary verbs and the like: they are compared in a phrase, and none begins or ends with one. Common practice, no source. */
const LOOSE_WORDS: Record<string, string> = {
  de: "ich du er sie wir ihr mich dich uns euch mein dein sein unser euer ihre ihren haben hat habe hatte wird werden wurde kann können muss müssen soll sollen will wollen darf nicht kein keine auch nur noch schon so wenn weil dass man sich hier dort mehr alle alles jeder jede viel viele sehr",
  en: "i me my we us you he him his she her they them who whom whose which do does did done has have had having can could may might must shall should will would not no if because while there here more most some any all each every such very just also only about after before between through during up down out being been am keep keeps get gets getting got go let like one two three other another same",
  es: "yo tú él ella nosotros ellos me te nos lo mi tu nuestro ha han hay tiene tienen puede pueden ser estar está están no ni más muy también solo cuando si todo todos cada",
  fr: "je tu il elle nous vous ils elles me te mon ton notre votre nos vos leurs a ont avez avons peut peuvent doit être avoir ne pas plus très aussi si tout tous toute toutes chaque y se",
  it: "io tu lui lei noi voi loro mi ti ci vi mio tuo nostro vostro ha hanno abbiamo può possono deve essere avere non più molto anche solo se tutto tutti ogni",
  nl: "ik jij je u hij zij ze wij we jullie mij mijn jouw ons heeft hebben heb kan kunnen moet moeten mag zal wil niet geen ook maar nog al meer alle elke veel zeer",
  pt: "eu tu ele ela nós vós eles me te nos meu teu nosso tem têm há pode podem deve ser estar está não nem mais muito também só quando se todo todos cada",
};

/** Words of a language, with their diacritics or without. */
function wordsIn(lists: Record<string, string>): (language: string) => ReadonlySet<string> {
  const sets = new Map<string, ReadonlySet<string>>();
  return (language) => {
    const primary = language.slice(0, 2).toLowerCase();
    let set = sets.get(primary);
    if (!set) {
      const words = (lists[primary] ?? "").split(" ");
      set = new Set([...words, ...words.map(foldDiacritics)]);
      sets.set(primary, set);
    }
    return set;
  };
}

const stopWords = wordsIn(STOP_WORDS);
const looseWords = wordsIn(LOOSE_WORDS);

/** Whether a lower-case word, with its diacritics or without, is a stop word of the language; never, where there is no list. */
export const isStopWord = (word: string, language: string): boolean => stopWords(language).has(word);

/** Whether no phrase begins or ends with a lower-case word: stop words, pronouns, auxiliary verbs. */
export const isLooseWord = (word: string, language: string): boolean =>
  isStopWord(word, language) || looseWords(language).has(word);
