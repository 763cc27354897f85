import { lowerCase } from "./fold.ts";
import { wordsOf } from "./words.ts";

/** Words with which a question begins, by language. Common practice, no source. */
const BEGINNINGS: Readonly<Record<string, string>> = {
  da: "hvad hvem hvor hvordan hvorfor hvornår hvilken hvilket hvilke kan er skal må",
  de: "was wer wen wem wo wohin woher wie warum weshalb wieso wann welche welcher welches kann darf ist sind gibt muss hat",
  en: "what who whom whose where when why how which can could do does did is are was were will would should may must has have am",
  es: "qué quién quiénes dónde adónde cuándo cuánto cuánta cuántos cuántas cómo cuál cuáles puedo puede hay es está",
  fi: "mikä mitä kuka ketkä missä mihin milloin miksi miten kuinka voiko onko saako",
  fr: "qui que quoi où quand comment pourquoi combien quel quelle quels quelles est-ce peut-on faut-il y",
  hu: "mi mit ki hol hova mikor miért hogyan mennyi melyik lehet van",
  it: "che chi cosa dove quando come perché quanto quanta quanti quante quale quali posso si c",
  nb: "hva hvem hvor hvordan hvorfor når hvilken hvilket hvilke kan er må",
  nl: "wat wie waar wanneer waarom hoe welke welk kan mag is zijn moet",
  pt: "o que quem onde quando como porquê quanto quanta quantos quantas qual quais posso pode há é",
  ro: "ce cine unde când cum cât câtă câți câte care pot este",
  ru: "что кто где куда откуда когда как почему зачем сколько какой какая какие можно есть",
  sv: "vad vem var vart när hur varför vilken vilket vilka kan får är måste",
};

const sets = new Map<string, ReadonlySet<string>>();

/** Whether a text ends as a question does. A heading that only begins so, such as “What to bring”, asks nothing. */
export const endsAsQuestion = (text: string): boolean => /[?？؟]["'”’»)\s]*$/u.test(text);

function beginningsIn(language: string): ReadonlySet<string> {
  const primary = language.slice(0, 2).toLowerCase();
  const known = primary === "no" || primary === "nn" ? "nb" : primary;
  let beginnings = sets.get(known);
  if (!beginnings) {
    beginnings = new Set((BEGINNINGS[known] ?? "").split(" "));
    sets.set(known, beginnings);
  }
  return beginnings;
}

/** Whether questions begin with a lower-case word. `language` is BCP 47; where it is "", English is taken. */
export const isQuestionWord = (word: string, language: string): boolean => beginningsIn(language || "en").has(word);

/** Whether a phrase is a question: it ends with a question mark, or begins as questions do; nobody types the mark. `language` is BCP 47, or "". */
export function isQuestion(text: string, language: string): boolean {
  if (endsAsQuestion(text)) return true;
  const [first, second] = wordsOf(text, "");
  // A word alone asks nothing.
  return first !== undefined && second !== undefined && beginningsIn(language).has(lowerCase(first.text, language));
}
