import { widthOf } from "../../measure/width.ts";
import { contentBlocks, contentHeadings } from "../../page/body.ts";
import { type List, languageOf, type Page, titleOf } from "../../page/page.ts";
import { DEFAULT_TITLES } from "../../phrase/default-words.ts";
import { isHowTo } from "../../phrase/how-to.ts";
import { inCase } from "../../phrase/letter-case.ts";
import { isLooseWord } from "../../phrase/loose-words.ts";
import { findPhrase } from "../../phrase/match.ts";
import { endsAsQuestion, isQuestion } from "../../phrase/questions.ts";
import { tokensOf } from "../../phrase/tokens.ts";
import type { WrittenNames } from "../../phrase/written-names.ts";
import { withoutBrand } from "../../settings/without-brand.ts";
import { namesOnPage } from "../../site/names.ts";
import { pricesIn } from "../../structured-data/agreement.ts";
import { dateIn } from "../../structured-data/dates.ts";
import { setTitle } from "../result.ts";
import { shorterWordings } from "../shorten.ts";
import { titleStyle } from "../styles.ts";
import { isClosed } from "./reads-well.ts";
import {
  bestOf,
  isBoast,
  phraseIn,
  repeated,
  type SuggestedText,
  type SuggestingBasis,
  type Weighed,
  worseThan,
} from "./suggested.ts";

/** What a title speaks of, or gives beside it. */
interface Piece {
  text: string;
  /** Stands between it and what is before it. */
  joint?: string;
  reason: string;
  worth: number;
}

/** Longest heading that is taken for a title, and longest subheading that is named in one, in UTF-16 code units. */
const LONGEST = 90;
const LONGEST_NAMED = 26;
/** Of a longer text nothing is made. */
const MOST_LOOKED_AT = 500;
/** Blocks in which a price or a day is looked for. */
const LOOKED_AT = 60;
/** A title narrower than this leaves room that others use, in px. */
const NARROW = 250;
const FEWEST_QUESTIONS = 3;

// How much each thing is worth in a title. Common practice, no source.
const WORTH = {
  h1: 3,
  pattern: 2.5,
  question: 2.5,
  phrase: 2,
  title: 1.5,
  place: 1.2,
  price: 1,
  day: 1,
  number: 0.8,
  helper: 0.6,
  subheadings: 0.5,
};

/** What it is worth that a title says the phrase, by how. Common practice, no source. */
const PHRASE_WORTH = { exact: 4, form: 3, scattered: 1.5 };

const QUESTIONS: Readonly<Record<string, string>> = {
  en: "questions",
  de: "Fragen",
  fr: "questions",
  es: "preguntas",
  it: "domande",
  nl: "vragen",
  pt: "perguntas",
  sv: "frågor",
  da: "spørgsmål",
};

/** How a title says in how many steps something is done. */
const STEPS: Readonly<Record<string, string>> = {
  en: "in # steps",
  de: "in # Schritten",
  fr: "en # étapes",
  es: "en # pasos",
  it: "in # passi",
  nl: "in # stappen",
  pt: "em # passos",
  sv: "i # steg",
  da: "i # trin",
};
const FEWEST_STEPS = 3;
const isSteps = ({ ordered, landmark }: List) => ordered && (landmark === null || landmark === "main");

/** Marks behind a heading that lead to itself. */
const MARKS = /[\s¶#§🔗↩]+$/u;
/** Subheadings that any page could have. Common practice, no source. */
const GENERIC =
  /^(?:name|synopsis|syntax|usage|examples?|options|arguments|parameters|return values?|bugs|authors?|copyright|licen[cs]e|history|background|abstract|notice|about|contact|home|menu|search|sources|footnotes|further reading|table of contents|on this page|in this article|faqs?|name und synopsis|beispiele?|fazit|kontakt|quellen|impressum|exemples?|contenu|ejemplos?|contenido|esempi|contenuti|exemplos?|conteúdo|voorbeelden|inhoud|exempel|innehåll|introduction|overview|summary|contents?|conclusion|prerequisites|notes?|see also|references|links?|related|more|details?|description|details|topics|directives|comments?|share|einleitung|überblick|inhalt|zusammenfassung|siehe auch|sommaire|voir aussi|résumé|índice|resumen|indice|introducción|introduzione|introdução)$/iu;
/** “2.1 The lamp”, “Chapter 3”: a number among others, which says nothing alone. */
const NUMBERED =
  /^\s*(?:\d+(?:\.\d+)*[.):]?\s|[ivx]+[.)]\s|(?:chapter|section|part|appendix|kapitel|abschnitt|teil|anhang|chapitre|partie|capítulo|capitolo|hoofdstuk|del)\s+(?:\d+|[ivx]+(?!\p{L})))/iu;
/** A subheading of more words reads badly behind a comma. */
const MOST_WORDS = 3;

/** A text as it goes on behind another: its first letter is small unless it belongs to a name, or is a noun in German. */
function small(text: string, { words, phrases }: WrittenNames, language: string): string {
  if (/^de\b/i.test(language)) return text;
  const [word = ""] = /^\p{Lu}\p{Ll}+(?!\p{L})/u.exec(text) ?? [];
  const lower = word.toLowerCase();
  if (word === "" || words.has(lower) || [...phrases.keys()].some((name) => text.toLowerCase().startsWith(name)))
    return text;
  return lower + text.slice(word.length);
}

function subjectsOf(
  page: Page,
  { phrase, style, patterned }: SuggestingBasis,
  language: string,
  names: WrittenNames,
): Piece[] {
  const subjects: Piece[] = [];
  const take = (text: string, reason: string, worth: number) => {
    const trimmed = text.replace(MARKS, "").trim();
    if (DEFAULT_TITLES.includes(trimmed.toLowerCase())) return;
    if (trimmed !== "" && trimmed.length <= LONGEST && !subjects.some((one) => one.text === trimmed))
      subjects.push({ text: trimmed, reason, worth });
  };
  const headings = contentHeadings(page).map(({ heading }) => heading);
  const bare = (text: string) => (text.length > MOST_LOOKED_AT ? "" : withoutBrand(text, style.brand));
  const h1 = bare(headings.find(({ level, text }) => level === 1 && text !== "")?.text ?? "");
  take(h1, "says what its H1 says", WORTH.h1);
  if (patterned?.title) take(bare(patterned.title), "follows the house style’s pattern", WORTH.pattern);
  if (phrase !== "") {
    const named = inCase(phrase, "sentence", { language: language || "en", names });
    take(named, "is the target phrase", WORTH.phrase);
    const says = (text: string) => findPhrase(phrase, text, { language }).length > 0;
    if (h1 !== "" && !says(h1) && !DEFAULT_TITLES.includes(h1.toLowerCase()))
      take(`${named}: ${small(h1, names, language)}`, "says what its H1 says", WORTH.h1);
    for (const { text } of headings)
      if (text.length <= LONGEST && text !== h1 && endsAsQuestion(text) && says(text))
        take(text, "asks what the page answers", WORTH.question);
  }
  take(bare(titleOf(page)), "keeps the words of its title", WORTH.title);
  return subjects;
}

function detailsOf(
  page: Page,
  { audience, helperWords, kind }: SuggestingBasis,
  language: string,
  names: WrittenNames,
): Piece[] {
  const details: Piece[] = [];
  const blocks = contentBlocks(page).slice(0, LOOKED_AT);
  if (audience && audience.of !== "everyone" && audience.name !== "")
    details.push({
      text: audience.name,
      reason: `names ${audience.name}, which the page is for`,
      worth: WORTH.place,
    });
  if (kind === "product" || kind === "event") {
    const price = blocks.flatMap(({ block }) => pricesIn(block.text)).find(({ amount }) => amount > 0);
    if (price) details.push({ text: price.text.trim(), reason: "gives the price", worth: WORTH.price });
  }
  if (kind === "event") {
    const day = blocks.map(({ block }) => dateIn(block.text, language)).find((found) => found !== null);
    if (day) details.push({ text: day.exact, reason: "gives the day", worth: WORTH.day });
  }
  const headings = contentHeadings(page).map(({ heading }) => heading);
  const asked = headings.filter(({ level, text }) => level > 1 && endsAsQuestion(text)).length;
  // On a page that does not say its language nothing is added in any.
  const word = QUESTIONS[language.slice(0, 2).toLowerCase()];
  if (asked >= FEWEST_QUESTIONS && word)
    details.push({
      text: `${asked} ${word}`,
      joint: ": ",
      reason: `gives the number of its ${word}`,
      worth: WORTH.number,
    });
  const steps = isHowTo(headings[0]?.text ?? "", language) ? STEPS[language.slice(0, 2).toLowerCase()] : undefined;
  const items = Math.max(0, ...page.lists.filter(isSteps).map((list) => list.items));
  if (steps && items >= FEWEST_STEPS)
    details.push({
      text: steps.replace("#", String(items)),
      joint: " ",
      reason: "gives the number of its steps",
      worth: WORTH.number,
    });
  const named = headings.flatMap(({ level, text: written }) => {
    if (written.length > LONGEST) return [];
    const text = written.replace(MARKS, "");
    const words = tokensOf(text, { language });
    const plain = level === 2 && text.length <= LONGEST_NAMED && words.length > 0 && words.length <= MOST_WORDS;
    return plain &&
      !GENERIC.test(text) &&
      !NUMBERED.test(text) &&
      words[0] &&
      !isLooseWord(words[0].plain, language || "en") &&
      !isQuestion(text, language || "en")
      ? [text]
      : [];
  });
  for (const text of named.slice(0, 2))
    details.push({
      text: small(text, names, language),
      reason: `names what stands under “${text}”`,
      worth: WORTH.subheadings,
    });
  const says = (helper: string) => blocks.some(({ block }) => block.text.toLowerCase().includes(helper.toLowerCase()));
  for (const helper of helperWords.filter(says).slice(0, 3))
    details.push({
      text: helper,
      reason: `has “${helper}”, which is searched with the phrase`,
      worth: WORTH.helper,
    });
  return details;
}

/** Titles for a page, out of its own words, the best first. */
export function suggestTitles(page: Page, basis: SuggestingBasis): SuggestedText[] {
  const { phrase, style, limits, taken } = basis;
  const language = languageOf(page);
  const now = titleOf(page);
  const pxOf = (text: string) => widthOf(text, titleStyle("desktop"));
  // One line is cut where it is wider than its box.
  const fits = (text: string) => pxOf(text) <= limits.titleDesktop;
  const sound = fits(now) && repeated(now, language) === 0 && !isBoast(now) && now !== now.toUpperCase();
  const repeatedInH1 = repeated(page.headings.find(({ level }) => level === 1)?.text ?? "", language);
  const isWorse = worseThan(now, { phrase, language, sound });
  const names = namesOnPage(page, style);
  const details = detailsOf(page, basis, language, names);
  const combined: Piece[][] = [
    [],
    ...details.map((one) => [one]),
    ...details.flatMap((one, i) => details.slice(i + 1).map((other) => [one, other])),
  ];
  const weighed: Weighed[] = [];
  const weigh = (text: string, pieces: readonly [Piece, ...Piece[]], how?: string) => {
    if (text === now || isBoast(text) || !isClosed(text) || taken(text) || !fits(text) || isWorse(text)) return;
    // What repeats a word that the H1 says once reads like a list of phrases.
    if (repeated(text, language) > repeatedInH1) return;
    let score = pieces.reduce((sum, { worth }) => sum + worth, 0);
    const reasons = [...pieces].sort((a, b) => b.worth - a.worth).map(({ reason }) => reason);
    const said = phraseIn(text, phrase, language);
    if (said) {
      score += PHRASE_WORTH[said.kind] + (said.first ? 1.5 : 0);
      reasons.unshift(said.reason);
    }
    if (style.brand !== "" && text.endsWith(style.brand)) {
      score += 0.5;
      reasons.push("ends in the site’s name");
    }
    if (pxOf(text) < NARROW) score--;
    score -= 2 * repeated(text, language);
    weighed.push({ text, family: pieces[0].text, score, reasons: how ? [...reasons, how] : reasons });
  };
  const says = (text: string) => phrase === "" || findPhrase(phrase, text, { language }).length > 0;
  for (const subject of subjectsOf(page, basis, language, names)) {
    for (const extra of combined) {
      const lower = subject.text.toLowerCase();
      if (extra.some(({ text }) => lower.includes(text.toLowerCase()))) continue;
      // A question takes nothing behind its mark, and what follows a colon is parted by commas.
      if (extra.length > 0 && /[?!.:]$|\s[|–—·-]\s/.test(subject.text)) continue;
      const text = subject.text + extra.map((one) => (one.joint ?? ", ") + one.text).join("");
      weigh(text, [subject, ...extra]);
      if (style.brand !== "" && !lower.includes(style.brand.toLowerCase()))
        weigh(text + style.separator + style.brand, [subject, ...extra]);
    }
    if (!fits(subject.text)) {
      const must = says(subject.text) ? says : () => true;
      for (const { text, how } of shorterWordings(subject.text, {
        fits,
        brandless: subject.text,
        language,
        keeps: must,
      }))
        weigh(text, [subject], `is shortened ${how}`);
    }
  }
  const isWholeOnMobile = (text: string) => setTitle(text, "mobile", limits).lost === "";
  return bestOf(weighed, { px: pxOf, limit: limits.titleDesktop, isWholeOnMobile, language });
}
