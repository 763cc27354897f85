import { contentBlocks, isHeadingBlock } from "../page/body.ts";
import { languageOf, type Page, titleOf } from "../page/page.ts";
import { contentStems } from "../phrase/content-stems.ts";
import { findPhrase } from "../phrase/match.ts";
import { isStatement, sentencesOf } from "../phrase/sentences.ts";
import { tokensOf } from "../phrase/tokens.ts";
import type { HouseStyle, ResultLimits } from "../settings/house-style.ts";
import { setDescription } from "./result.ts";
import { suggestTitle } from "./suggest.ts";

/** A title that search engines may show in the place of the page's own, and why. From memory of their documentation. */
export interface TitleInstead {
  /** A sentence. */
  why: string;
  text: string;
}

/** Times that one word stands in a title from which on it is called stuffed. Common practice, no source. */
const STUFFED = 3;

/** What may stand in the place of a title; `alike` is how many other pages of the site have the same. */
export function titlesInstead(
  page: Page,
  { brand, separator }: Pick<HouseStyle, "brand" | "separator">,
  alike: number,
): TitleInstead[] {
  const title = titleOf(page);
  const rebuilt = suggestTitle(page, { brand: "", separator });
  const instead: TitleInstead[] = [];
  const fromH1 = (why: string) => {
    if (rebuilt !== null && rebuilt !== title && !instead.some(({ text }) => text === rebuilt))
      instead.push({ why, text: rebuilt });
  };
  if (title === "") {
    fromH1("There is no title, so that one is made of the H1.");
    return instead;
  }
  const language = languageOf(page);
  const times = new Map<string, number>();
  for (const { stem, stop } of tokensOf(title, { language })) if (!stop) times.set(stem, (times.get(stem) ?? 0) + 1);
  if (Math.max(0, ...times.values()) >= STUFFED)
    fromH1("A title that says a word three times looks stuffed; the H1 may be shown.");
  if (alike > 0)
    fromH1(
      `${alike === 1 ? "Another page has" : `${alike} other pages have`} this title, so that the H1 may be shown to tell them apart.`,
    );
  if (brand !== "") {
    const [named] = findPhrase(brand, title, { language }).filter(({ kind }) => kind !== "scattered");
    if (!named) instead.push({ why: "The site’s name may be put behind it.", text: `${title}${separator}${brand}` });
    else {
      const text = `${title.slice(0, named.start)}${title.slice(named.end)}`.replace(EDGES, "");
      if (text !== "" && text !== title)
        instead.push({ why: "The site’s name, which stands above the result, may be taken away.", text });
    }
  }
  return instead;
}

/** What is left of a separator where the name was. */
const EDGES = /^[\s|–—·•:»,-]+|[\s|–—·•:»,-]+$/g;

/** A description that is drawn from the page where its own is passed over. */
export interface Drawn {
  text: string;
  /** How many of the query's words it says, in any form, of how many. */
  words: number;
  of: number;
}

/** Sentences that are looked at: a searcher is shown what stands early, or what says the most. */
const MOST_SENTENCES = 1000;
/** Of one block, in UTF-16 code units. */
const ENOUGH = 20_000;

/**
 * The sentence or two of the content that best match a query, as far as a result shows them on the desktop; null where there
 * is no text. Search engines do the like where a description does not fit the query. From memory of their documentation.
 */
export function drawnDescription(page: Page, query: string, limits: ResultLimits): Drawn | null {
  const language = languageOf(page);
  const wanted = contentStems(query, language);
  const sentences: { text: string; block: number; score: number; words: number }[] = [];
  for (const { block, index } of contentBlocks(page)) {
    if (isHeadingBlock(page, index)) continue;
    for (const sentence of sentencesOf(block.text.slice(0, ENOUGH), language)) {
      if (sentences.length > MOST_SENTENCES) break;
      const text = sentence.trim();
      if (!isStatement(text)) continue;
      const stems = contentStems(text, language);
      const words = [...wanted].filter((stem) => stems.has(stem)).length;
      const whole = words > 0 && findPhrase(query, text, { language }).some(({ kind }) => kind !== "scattered");
      sentences.push({ text, block: index, words, score: words * 10 + (whole ? 5 : 0) - sentences.length / 1000 });
    }
    if (sentences.length > MOST_SENTENCES) break;
  }
  const best = sentences.reduce<number>(
    (at, { score }, i) => (at < 0 || score > (sentences[at]?.score ?? 0) ? i : at),
    -1,
  );
  const first = sentences[best];
  if (!first) return null;
  const fits = (text: string) => setDescription(text, "desktop", limits).lost === "";
  const next = sentences[best + 1];
  const both = next && next.block === first.block ? `${first.text} ${next.text}` : first.text;
  const text = fits(both) ? both : first.text;
  return { text, words: first.words, of: wanted.size };
}
