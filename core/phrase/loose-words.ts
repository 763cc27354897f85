import { isStopWord, wordsIn } from "./stop-words.ts";

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

const looseWords = wordsIn(LOOSE_WORDS);

/** Whether no phrase begins or ends with a lower-case word: stop words, pronouns, auxiliary verbs. */
export const isLooseWord = (word: string, language: string): boolean =>
  isStopWord(word, language) || looseWords(language).has(word);
