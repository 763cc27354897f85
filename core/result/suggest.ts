import { contentBlocks, isHeadingBlock } from "../page/body.ts";
import { languageOf, type Page } from "../page/page.ts";
import { isSentence, isStatement, sentencesOf } from "../phrase/sentences.ts";
import { DEFAULT_LIMITS, type HouseStyle } from "../settings/house-style.ts";
import { setDescription } from "./result.ts";
import { beginsWell, isShortAnswer, readingOn } from "./suggested/reads-well.ts";

/** A title made of an H1, with the brand behind it unless the H1 says it. */
export const titleFromH1 = (h1: string, { brand, separator }: Pick<HouseStyle, "brand" | "separator">): string =>
  brand && !h1.toLowerCase().includes(brand.toLowerCase()) ? `${h1}${separator}${brand}` : h1;

/** A title made of the page's own H1; null where the page has none. */
export function suggestTitle(page: Page, style: Pick<HouseStyle, "brand" | "separator">): string | null {
  const h1 = page.headings.find((heading) => heading.level === 1 && heading.text !== "");
  return h1 ? titleFromH1(h1.text, style) : null;
}

/** Characters of a text that its first sentences are looked for in: a result shows a tenth of that. */
const ENOUGH = 2000;
/** Characters that a description has at least: fewer say next to nothing. */
const LEAST = 50;
const PROSE: ReadonlySet<string> = new Set(["p", "div", "dd"]);

/** The sentences of each paragraph of the content, in the order in which a reader meets them. */
function* paragraphsOf(page: Page): Iterable<string[]> {
  for (const { block, index } of contentBlocks(page))
    if (PROSE.has(block.tag) && !isHeadingBlock(page, index) && !isShortAnswer(page, index))
      yield sentencesOf(block.text.slice(0, ENOUGH), languageOf(page));
}

/** The first sentence of the content that a reader sees; null where there is none. */
export function firstSentence(page: Page): string | null {
  for (const sentences of paragraphsOf(page)) {
    const found = sentences.find(isSentence);
    if (found !== undefined) return found.trim();
  }
  return null;
}

/**
 * A description made of the page's own first sentences, as many as are shown on desktop; null where there are none. A
 * paragraph that is too short for one is extended by the next.
 */
export function suggestDescription(page: Page): string | null {
  const fits = (text: string) => setDescription(text, "desktop", DEFAULT_LIMITS).lost === "";
  const reads = readingOn(page);
  let text = "";
  for (const sentences of paragraphsOf(page)) {
    // What is no sentence, such as a label before the text, is passed over; behind the first it ends what is taken.
    const from =
      text === ""
        ? sentences.findIndex((one) => isSentence(one) && reads(one) && beginsWell(one, languageOf(page)))
        : 0;
    const taken = text;
    for (const sentence of from < 0 ? [] : sentences.slice(from)) {
      const more = text === "" || /\s$/.test(text) ? text + sentence : `${text} ${sentence}`;
      const goesOn = text.length < LEAST ? isSentence(sentence) : isStatement(sentence);
      if (!goesOn || !reads(sentence) || !fits(more.trim())) break;
      text = more;
    }
    if (text.trim().length >= LEAST) return text.trim();
    // A first sentence that is longer than what is shown is no description, and the next paragraph may have one.
    if (text === taken) text = "";
  }
  return null;
}
