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

/** Words of websites themselves, and numbers: a phrase made of them only is about no page. Common practice, no source. */
const WEBSITE_WORDS: Record<string, string> = {
  de: "hier klicken klick seite seiten startseite website webseite home menü suche weiter mehr lesen zurück oben anmelden willkommen kontakt impressum datenschutz cookie cookies email e-mail telefon tel heute morgen details info zwei drei vier fünf sechs sieben acht neun zehn elf zwölf",
  en: "click here home page pages homepage website site web link links menu search read learn more next previous back top login welcome contact privacy cookie cookies email e-mail phone tel today tomorrow now new get see find use make let go com www http https details info please thank thanks one two three four five six seven eight nine ten eleven twelve",
  es: "clic aquí inicio página páginas sitio web menú buscar leer siguiente anterior volver arriba bienvenido bienvenidos contacto privacidad cookie cookies correo email teléfono tel hoy mañana detalles dos tres cuatro cinco seis siete ocho nueve diez once doce",
  fr: "clic cliquez cliquer ici accueil page pages site web menu recherche lire suivant précédent retour haut bienvenue contact confidentialité cookie cookies courriel e-mail téléphone tél aujourd hui demain détails deux trois quatre cinq six sept huit neuf dix onze douze",
  it: "clicca qui pagina pagine sito web menu cerca leggi avanti indietro torna su benvenuto benvenuti contatti privacy cookie email telefono tel oggi domani dettagli due tre quattro cinque sei sette otto nove dieci undici dodici",
  nl: "klik hier home pagina pagina's website site menu zoeken lees meer volgende vorige terug boven welkom contact privacy cookie cookies e-mail telefoon tel vandaag morgen details twee drie vier vijf zes zeven acht negen tien elf twaalf",
  pt: "clique aqui início página páginas site menu pesquisar ler seguinte anterior voltar topo bem-vindo contacto contato privacidade cookie cookies email telefone tel hoje amanhã detalhes dois duas três quatro cinco seis sete oito nove dez onze doze",
};

const looseWords = wordsIn(LOOSE_WORDS);
const websiteWords = wordsIn(WEBSITE_WORDS);
const LANGUAGES = Object.keys(LOOSE_WORDS);

/** Whether a list has a word: the one of its language, or any of them where no language is known. */
const inLanguage = (language: string, has: (language: string) => boolean): boolean =>
  language === "" ? LANGUAGES.some(has) : has(language);

/**
 * Whether no phrase begins or ends with a lower-case word: stop words, pronouns, auxiliary verbs. `language` is BCP 47; where it
 * is "", a word of any language that has a list counts.
 */
export const isLooseWord = (word: string, language: string): boolean =>
  inLanguage(language, (one) => isStopWord(word, one) || looseWords(one).has(word));

/** Whether a lower-case word belongs to websites themselves, such as “click” or “home”, or is a number. `language` as in `isLooseWord`. */
export const isWebsiteWord = (word: string, language: string): boolean =>
  inLanguage(language, (one) => websiteWords(one).has(word));
