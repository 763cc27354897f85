import { languageOf, type Page } from "../page/page.ts";
import { isStatement, sentencesOf } from "../phrase/sentences.ts";
import { DEFAULT_LIMITS, type HouseStyle } from "../settings/house-style.ts";
import { setDescription } from "./result.ts";

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
/** Characters from which on a block is looked at: shorter ones are captions and notes. */
const LEAST = 50;

/** A description made of the page's own first sentences, as many as are shown on desktop; null where there are none. */
export function suggestDescription(page: Page): string | null {
  const fits = (text: string) => setDescription(text, "desktop", DEFAULT_LIMITS).lost === "";
  const prose = page.blocks.filter(
    (b) =>
      (b.tag === "p" || b.tag === "div" || b.tag === "dd") &&
      b.landmark !== "navigation" &&
      b.landmark !== "complementary" &&
      b.landmark !== "contentinfo",
  );
  for (const block of prose) {
    if (block.text.length < LEAST) continue;
    const sentences = sentencesOf(block.text.slice(0, ENOUGH), languageOf(page));
    // What is no statement, such as a label before the text, is passed over; behind the first it ends what is taken.
    const from = sentences.findIndex(isStatement);
    if (from < 0) continue;
    let text = "";
    for (const sentence of sentences.slice(from)) {
      if (!isStatement(sentence) || !fits((text + sentence).trim())) break;
      text += sentence;
    }
    // A first sentence that is longer than what is shown is no description, and the next block may have one.
    if (text !== "") return text.trim();
  }
  return null;
}
