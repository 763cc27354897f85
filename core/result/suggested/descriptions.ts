import { widthOf } from "../../measure/width.ts";
import { contentBlocks, isHeadingBlock } from "../../page/body.ts";
import { descriptionOf, languageOf, type Page } from "../../page/page.ts";
import { contentStems } from "../../phrase/content-stems.ts";
import { isSentence, isStatement, sentencesOf } from "../../phrase/sentences.ts";
import { pricesIn } from "../../structured-data/agreement.ts";
import { dateIn } from "../../structured-data/dates.ts";
import { setDescription } from "../result.ts";
import { descriptionStyle } from "../styles.ts";
import { firstSentence } from "../suggest.ts";
import { beginsWell, isShortAnswer, readingOn } from "./reads-well.ts";
import {
  bestOf,
  isBoast,
  phraseIn,
  type SuggestedText,
  type SuggestingBasis,
  type Weighed,
  worseThan,
} from "./suggested.ts";

/** Sentences that are weighed: what a page is about stands early. */
const MOST_SENTENCES = 120;
/** Of these so many are put together with others. */
const MOST_JOINED = 24;
/** What kerning changes of a width at most, in px. */
const ROUGHLY = 3;
/** A description narrower than this leaves a line empty, in px; a longer text than `LONGEST` is no sentence, in UTF-16 code units. */
const NARROW = 420;
const LONGEST = 600;
/** Of a block that is looked through, in UTF-16 code units. */
const ENOUGH = 20_000;
/** A first sentence narrower than this, or a description narrower than that, says too little, in px. */
const LEAST_BEGINNING = 300;
const LEAST = 360;
/** What stands behind a sentence of another place is as wide as this, or gives a price, a day or an hour. */
const LEAST_BEHIND = 200;
/** What a sentence from another place costs, which reads less well behind the first. */
const APART = 0.8;
/** What the next sentence of the same paragraph is worth more. */
const TOGETHER = 2;

/** What it is worth that a sentence says the phrase, by how. Common practice, no source. */
const PHRASE_WORTH = { exact: 4, form: 3.2, scattered: 1.8 };

/** Words that point to what stands before them, at the beginning of a sentence. Common practice, no source. */
const POINTING: Readonly<Record<string, RegExp>> = {
  en: /^(?:this|that|these|those|it|its|they|their|them|he|she|his|her|such|both|but|and|or|so|also|however|therefore|then|thus|yet|still|instead|otherwise|moreover|besides|afterwards|there|here|see|note|each of|some of them)\b/i,
  de: /^(?:dies\p{L}*|jene\p{L}*|er|sie|es|ihr\p{L}*|sein\p{L}*|aber|und|oder|doch|auch|jedoch|deshalb|daher|dann|dabei|dazu|damit|dort|hier|beide|siehe|solche\p{L}*|so)(?!\p{L})/iu,
  fr: /^(?:c['’]est|cela|ça|ce|cet|cette|ces|ceux|celles?|celui|il|elle|ils|elles|leurs?|son|sa|ses|mais|et|ou|donc|aussi|ensuite|puis|alors|cependant|voir|ici|là)(?!\p{L})/iu,
  pt: /^(?:est[ea]s?|ess[ea]s?|aquel[ea]s?|isso|isto|el[ea]s?|seus?|suas?|mas|e|ou|também|depois|então|assim|aqui|ali|ver|têm|tem)(?!\p{L})/iu,
  sv: /^(?:den(?! \d)|det|de|denna|detta|dessa|han|hon|deras|dess|men|och|eller|också|sedan|därför|då|där|här|se)(?!\p{L})/iu,
  es: /^(?:tienen?|est[eao]s?|es[eao]s?|ello|él|ella|ellos|ellas|su|sus|pero|y|o|también|además|entonces|luego|así|aquí|allí|véase)(?!\p{L})/iu,
  it: /^(?:ha|hanno|quest[oaie]|quell[oaie]|ess[oaie]|lui|lei|loro|suo|sua|suoi|sue|ma|e|o|anche|inoltre|poi|quindi|così|qui|lì|vedi)(?!\p{L})/iu,
  nl: /^(?:er|dit|dat|deze|die|het is|hij|zij|ze|hun|zijn|haar|maar|en|of|ook|echter|daarom|dan|daar|hier|zie|zo)(?!\p{L})/iu,
};
/** Words that point to what stands elsewhere on the page, anywhere in a sentence. Common practice, no source. */
const ELSEWHERE =
  /(?<!\p{L})(?:below|above|the following|as follows|previous(?:ly)?|this (?:page|section|document|chapter|article)|see the|unten|oben|folgende[nrs]?|voir|ci-dessous|ci-dessus|véase|sopra|sotto)(?!\p{L})/iu;
/** Pronouns, which speak of what a sentence from elsewhere does not name. */
const PRONOUN =
  /(?<!\p{L})(?:it|they|them|these|those|he|she|him|her|one|ones|sie|ihn|ihm|ihnen|es|il|elle|ils|elles|le|les)(?!\p{L})/iu;
/** An hour of the day, and no number of a version. */
const HOUR = /(?<![\d.:])(?:[01]?\d|2[0-3])[:.][0-5]\d(?![\d]|[.:]\d)/;

/** What a sentence can lose at its end and stay one. */
const TAIL =
  /(?:\s+[–—-]\s+|;\s+|,\s+(?:which|who|where|while|although|so that|welche[rs]?|der|die|das|wobei|qui|que|où|donde|dove)\s)[^–—;]*$/iu;

interface Sentence {
  text: string;
  at: number;
  score: number;
  reasons: string[];
  /** It gives a price, a day or an hour. */
  fact: boolean;
  /** The sentence behind it in the same block, where it can follow; else "". */
  next: string;
}

const ended = (text: string) => (/[.!?…。]["'”’»)]*$/u.test(text) ? text : `${text}.`);

/** A sentence, and what is left of it without its brackets and its last clause. */
function wordingsOf(text: string, reads: (text: string) => boolean): string[] {
  const bare = text.replace(/\s*[([][^()[\]]*[)\]]/g, "");
  const short = bare.replace(TAIL, "");
  return [...new Set([text, ended(bare), ended(short.replace(/[\s,;:–—-]+$/u, ""))])].filter(
    (one) => isStatement(one) && reads(one),
  );
}

const canStand = (text: string, opens = false) =>
  text.length <= LONGEST &&
  (opens ? isSentence(text) : isStatement(text)) &&
  !isBoast(text) &&
  !ELSEWHERE.test(text) &&
  !/[:?]$/.test(text);

/** The sentences of the content that could stand alone, weighed. */
function sentencesOn(page: Page, { phrase, share }: SuggestingBasis, language: string): Sentence[] {
  const pointing = POINTING[language.slice(0, 2).toLowerCase() || "en"];
  const wanted = [...contentStems(phrase, language)];
  const opening = firstSentence(page);
  let opened = false;
  const reads = readingOn(page, phrase);
  const found: Sentence[] = [];
  for (const { block, index } of contentBlocks(page)) {
    if (
      isHeadingBlock(page, index) ||
      isShortAnswer(page, index) ||
      block.tag === "figcaption" ||
      block.tag === "pre" ||
      block.tag === "code"
    )
      continue;
    const parts = sentencesOf(block.text.slice(0, ENOUGH), language).map((part) => part.trim());
    for (const [i, text] of parts.entries()) {
      const at = found.length;
      // Before the first sentence of a page stands nothing that it could point to; where it is short, the next one extends it.
      const opens: boolean = text === opening && !opened;
      opened ||= opens;
      if (!canStand(text, opens) || !reads(text) || (!opens && pointing?.test(text))) continue;
      const stems = [...contentStems(text, language)];
      if (!opens && stems.length < 3) continue;
      const reasons: string[] = [];
      let score = 2.5 / (1 + at / 6);
      if (opens) reasons.push("is the first sentence of the page");
      const said = phraseIn(text, phrase, language);
      if (said) {
        score += PHRASE_WORTH[said.kind];
        reasons.unshift(said.reason);
      }
      const some = wanted.filter((stem) => stems.includes(stem)).length;
      if (!said && some > 0) {
        score += (1.6 * some) / wanted.length;
        reasons.unshift(`has ${some} of the ${wanted.length} words of “${phrase}”`);
      }
      const told =
        stems.reduce((sum, stem) => sum + Math.log(1 / Math.max(share(stem), 0.001)), 0) /
        stems.length /
        Math.log(1000);
      score += 2 * told;
      if (told > 0.6) reasons.push("says what few other pages of the site say");
      const priced = pricesIn(text).some(({ amount }) => amount > 0);
      if (priced) {
        score += 0.6;
        reasons.push("gives a price");
      }
      const dated = dateIn(text, language) !== null || HOUR.test(text);
      if (dated) {
        score += 0.6;
        reasons.push("gives a day or an hour");
      }
      const next = parts[i + 1] ?? "";
      found.push({ text, at, score, reasons, fact: priced || dated, next: canStand(next) && reads(next) ? next : "" });
      if (found.length === MOST_SENTENCES) return found;
    }
  }
  return found;
}

/** Descriptions for a page, made of whole sentences of its own, the best first. */
export function suggestDescriptions(page: Page, basis: SuggestingBasis): SuggestedText[] {
  const { limits, taken, phrase, audience, patterned } = basis;
  const language = languageOf(page);
  const now = descriptionOf(page);
  const pxOf = (text: string) => widthOf(text, descriptionStyle("desktop"));
  const space = pxOf(" ");
  const known = new Map<string, number>();
  const widths = (text: string) => {
    const px = known.get(text) ?? pxOf(text);
    known.set(text, px);
    return px;
  };
  const reads = readingOn(page, phrase);
  const opening = firstSentence(page);
  const sound = now.length >= 50 && widths(now) <= limits.descriptionDesktop && !isBoast(now);
  const isWorse = worseThan(now, { phrase, language, sound });
  const weighed: Weighed[] = [];
  const weigh = (
    parts: readonly string[],
    family: string,
    sentences: readonly Pick<Sentence, "score" | "reasons">[],
    shortened = false,
  ) => {
    const text = parts.join(" ");
    if (text === now || taken(text) || isWorse(text)) return;
    const [begins = ""] = parts;
    // The first sentence of a page may be short where the next one extends it.
    const short = widths(begins) < LEAST_BEGINNING && !(parts.length > 1 && begins === opening);
    if (family !== "" && (short || !beginsWell(begins, language))) return;
    // Two sentences are as wide as both and the space between them, but for kerning: that is looked at in the end.
    const px = parts.reduce((sum, part) => sum + widths(part), (parts.length - 1) * space);
    if (px > limits.descriptionDesktop + ROUGHLY || (family !== "" && px < LEAST)) return;
    const [first, ...others] = sentences;
    let score = (first?.score ?? 0) + others.reduce((sum, one) => sum + 0.4 * one.score, 0);
    const reasons = [...new Set(sentences.flatMap((one) => one.reasons))];
    if (px < NARROW) score -= 1.5 * (1 - px / NARROW);
    if (
      audience &&
      audience.of !== "everyone" &&
      audience.name !== "" &&
      text.toLowerCase().includes(audience.name.toLowerCase())
    ) {
      score++;
      reasons.push(`names ${audience.name}, which the page is for`);
    }
    if (shortened) {
      score -= 0.4;
      reasons.push("leaves out what it can do without");
    }
    if (family !== "")
      reasons.push(sentences.length === 1 ? "is a sentence of the page" : "is two sentences of the page");
    weighed.push({ text, family, score, reasons });
  };
  if (patterned?.description)
    weigh([patterned.description], "", [{ score: 3, reasons: ["follows the house style’s pattern"] }]);
  const sentences = sentencesOn(page, basis, language).sort((a, b) => b.score - a.score);
  for (const one of sentences.slice(0, MOST_JOINED * 2))
    for (const text of wordingsOf(one.text, reads)) weigh([text], one.text, [one], text !== one.text);
  const some = sentences.slice(0, MOST_JOINED);
  const followers = some.filter(({ text, fact }) => !PRONOUN.test(text) && (fact || widths(text) >= LEAST_BEHIND));
  for (const one of some) {
    if (one.next !== "") {
      const next = sentences.find(({ text }) => text === one.next) ?? { score: 1, reasons: [] };
      const together = { ...next, score: next.score + TOGETHER };
      weigh([one.text, one.next], one.text, [one, together]);
    }
    for (const other of followers) {
      if (other.at <= one.at || other.text === one.next) continue;
      const apart = { ...other, score: other.score - APART };
      weigh([one.text, other.text], one.text, one.score >= other.score ? [one, apart] : [apart, one]);
    }
  }
  const isWholeOnMobile = (text: string) => setDescription(text, "mobile", limits).lost === "";
  const best = bestOf(weighed, { px: pxOf, limit: limits.descriptionDesktop, isWholeOnMobile, language });
  // Where the phrase is said at all, what does not say it is of little use.
  const says = ({ text }: SuggestedText) => phraseIn(text, phrase, language) !== null;
  return best.toSorted((a, b) => Number(says(b)) - Number(says(a)));
}
