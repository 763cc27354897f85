import { languageOf, type Page, titleOf } from "../../page/page.ts";
import { endsAsQuestion } from "../../phrase/questions.ts";

/** Clauses that say nothing without another one, which a comma parts from them. Common practice, no source. */
const CONDITION: Readonly<Record<string, RegExp>> = {
  de: /^(?:wenn|falls|sofern|weil|obwohl|während|sobald|solange|bevor|nachdem|damit|dass)(?!\p{L})/iu,
  en: /^(?:if|when|whenever|unless|until|because|although|though|while|whereas|since|once|whether)(?!\p{L})/iu,
  es: /^(?:si|cuando|aunque|porque|mientras|hasta que|para que)(?!\p{L})/iu,
  fr: /^(?:si|quand|lorsqu|parce qu|puisqu|bien qu|tandis qu|pour qu|dès qu)/iu,
  it: /^(?:se|quando|perché|benché|mentre|finché|affinché)(?!\p{L})/iu,
  nl: /^(?:als|indien|wanneer|omdat|hoewel|terwijl|zodra|totdat)(?!\p{L})/iu,
  pt: /^(?:se|quando|porque|embora|enquanto|até que)(?!\p{L})/iu,
  sv: /^(?:om|när|eftersom|fastän|medan|tills)(?!\p{L})/iu,
};
/** Answers, which mean nothing without their question. Common practice, no source. */
const ANSWER = /^(?:yes|no|ja|nein|oui|non|sí|si|sì|sim|não|nej|nee|kyllä|ei|igen|nem|да|нет)\s*[,.!:;–—-]/iu;
/** Notices about cookies and consent, which are no part of what a page is about. Common practice, no source. */
const CONSENT =
  /(?<!\p{L})(?:cookies?|kakor|evästeet|evästeitä|informasjonskapsler|ciasteczk\p{L}*|consent|einwilligung|datenschutzerklärung|privacy (?:policy|notice)|politique de confidentialité)(?!\p{L})/iu;
const PAIRS = [
  ["(", ")"],
  ["[", "]"],
  ["“", "”"],
  ["«", "»"],
  ["「", "」"],
] as const;

/** Whether brackets and quotation marks of a text are closed: half a quotation is none. */
export function isClosed(text: string): boolean {
  const many = (sign: string) => text.split(sign).length - 1;
  if (many('"') % 2 === 1) return false;
  // „German quotations“ close with the mark that opens English ones.
  if (text.includes("„")) return many("„") === many("“") + many("”");
  return PAIRS.every(([open, close]) => many(open) === many(close));
}

/**
 * Whether a sentence says what it says when it is read without its page: it is whole, answers no question that is not there,
 * names no condition without what follows from it, is no part of a list, and no notice about cookies. `about` is what the page
 * is about.
 */
function readsAlone(sentence: string, language: string, about: string): boolean {
  const text = sentence.trim();
  if (!isClosed(text) || /^\p{Ll}/u.test(text) || ANSWER.test(text)) return false;
  if (CONDITION[language.slice(0, 2).toLowerCase()]?.test(text) && !/[,，—–]/.test(text)) return false;
  return !CONSENT.test(text) || CONSENT.test(about);
}

/**
 * Whether a text can begin with a sentence: not with a condition, which is about a case before the matter is named, and not
 * with words that somebody else has said.
 */
export const beginsWell = (text: string, language: string): boolean =>
  !/^["“”„«»‚‘'「]/.test(text.trim()) && !CONDITION[language.slice(0, 2).toLowerCase()]?.test(text.trim());

/** Longest answer that may mean nothing without its question, in UTF-16 code units. */
const SHORT_ANSWER = 60;

/** Whether a block is a short answer to the question that is its heading. */
export function isShortAnswer(page: Page, index: number): boolean {
  const block = page.blocks[index];
  const heading = block && page.headings[block.heading];
  return (
    block !== undefined &&
    heading !== undefined &&
    heading.block === index - 1 &&
    block.text.length < SHORT_ANSWER &&
    endsAsQuestion(heading.text)
  );
}

/** Tells which sentences of a page can be read without it. `phrase` is what it is to be found for; "" for nothing. */
export function readingOn(page: Page, phrase = ""): (sentence: string) => boolean {
  const h1 = page.headings.find(({ level, text }) => level === 1 && text !== "")?.text ?? "";
  const about = `${titleOf(page)} ${h1} ${phrase}`;
  const language = languageOf(page);
  return (sentence) => readsAlone(sentence, language, about);
}
