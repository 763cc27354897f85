import { wordsOf } from "../phrase/words.ts";
import { type Heading, type LandmarkKind, languageOf, type Page, type TextBlock } from "./page.ts";

const CONTENT: ReadonlySet<TextBlock["landmark"]> = new Set<TextBlock["landmark"]>([null, "main", "region"]);

const contents = new WeakMap<Page["blocks"], { block: TextBlock; index: number }[]>();

/** The blocks of the page's content, headings among them: menus, asides and footers are left out. */
export function contentBlocks(page: Page): { block: TextBlock; index: number }[] {
  let blocks = contents.get(page.blocks);
  if (!blocks) {
    blocks = page.blocks.flatMap((block, index) => (CONTENT.has(block.landmark) ? [{ block, index }] : []));
    contents.set(page.blocks, blocks);
  }
  return blocks;
}

/** Landmarks around the content: headings in them are no part of what the page says. */
const AROUND: ReadonlySet<LandmarkKind | null> = new Set<LandmarkKind | null>([
  "navigation",
  "complementary",
  "contentinfo",
  "search",
]);

const headingsOf = new WeakMap<Page["headings"], { heading: Heading; index: number }[]>();

/** Headings that belong to the page's content, with their index in `Page.headings`. A banner counts: many pages keep their H1 there. */
export function contentHeadings({ headings }: Pick<Page, "headings">): { heading: Heading; index: number }[] {
  let own = headingsOf.get(headings);
  if (!own) {
    own = headings.flatMap((heading, index) => (AROUND.has(heading.landmark) ? [] : [{ heading, index }]));
    headingsOf.set(headings, own);
  }
  return own;
}

const HEADING_TAG = /^h[1-6]$/;

export const isHeadingBlock = (page: Page, index: number): boolean => {
  const block = page.blocks[index];
  if (!block) return false;
  return (block.tag.length === 2 && HEADING_TAG.test(block.tag)) || page.headings[block.heading]?.block === index;
};

/** Thai, Lao, Khmer, Burmese, kana and Han characters. */
const WITHOUT_SPACES = /[\u0e00-\u0eff\u1000-\u109f\u1780-\u17ff\u3040-\u30ff\u3400-\u9fff]/;

const counted = new WeakMap<Page["blocks"], number>();

/** Words of the content. Counted once for the same blocks. */
export function contentWords(page: Page): number {
  let words = counted.get(page.blocks);
  if (words === undefined) {
    words = 0;
    for (const { block } of contentBlocks(page)) words += blockWords(block, languageOf(page));
    counted.set(page.blocks, words);
  }
  return words;
}

const inBlocks = new WeakMap<TextBlock, number>();

/** Words of a block. White space is collapsed, so that its spaces part the words; scripts without spaces need more. */
export function blockWords(block: TextBlock, language: string): number {
  if (!WITHOUT_SPACES.test(block.text)) return 1 + spacesIn(block.text);
  // Finding words where no spaces part them takes long: each block is counted once.
  const words = inBlocks.get(block) ?? wordsOf(block.text, language).length;
  inBlocks.set(block, words);
  return words;
}

function spacesIn(text: string): number {
  let spaces = 0;
  for (let at = text.indexOf(" "); at >= 0; at = text.indexOf(" ", at + 1)) spaces++;
  return spaces;
}

/** The block of the content's first H1; -1 where there is none. */
export const h1Block = (page: Page): number =>
  contentHeadings(page).find(({ heading }) => heading.level === 1)?.heading.block ?? -1;

/** Words of the content before a block, the H1 apart. */
export function wordsBefore(page: Page, block: number): number {
  const h1 = h1Block(page);
  let words = 0;
  for (const one of contentBlocks(page)) {
    if (one.index >= block) break;
    if (one.index !== h1) words += blockWords(one.block, languageOf(page));
  }
  return words;
}

const byHeading = new WeakMap<Page["blocks"], Map<number, number[]>>();

/** Indexes of the blocks that stand under each heading, itself apart; those before the first are under -1. */
export function blocksUnder(page: Page): ReadonlyMap<number, readonly number[]> {
  let under = byHeading.get(page.blocks);
  if (!under) {
    under = new Map();
    for (const [index, { heading }] of page.blocks.entries()) {
      if (page.headings[heading]?.block === index) continue;
      const list = under.get(heading);
      if (list) list.push(index);
      else under.set(heading, [index]);
    }
    byHeading.set(page.blocks, under);
  }
  return under;
}

/**
 * Words that each heading stands over up to the next, its own among them, by its index in `Page.headings`; -1 has those before
 * the first. Content is counted under headings of the content alone, so that these have all words that `contentWords` counts.
 */
export function wordsUnder(page: Page): ReadonlyMap<number, number> {
  const language = languageOf(page);
  const words = new Map<number, number>();
  let last = -1;
  for (const block of page.blocks) {
    const heading = page.headings[block.heading];
    const around = heading !== undefined && AROUND.has(heading.landmark);
    if (!around) last = block.heading;
    const under = CONTENT.has(block.landmark) ? last : around ? block.heading : null;
    if (under !== null) words.set(under, (words.get(under) ?? 0) + blockWords(block, language));
  }
  return words;
}

/** Why there is nothing to read in the source, in a sentence; null where there is. */
export function emptyBecause(page: Page): string | null {
  if (page.format !== "html") return null;
  if (/<frameset[\s>]/i.test(page.source))
    return "This page is a frameset: its text stands in other pages, which search engines read by themselves. Bring those in.";
  if (page.scripts > 0 && page.headings.length === 0 && page.blocks.length < 3)
    return "The source has no headings and next to no text: they are made by a script when the page is opened, and cannot be edited here.";
  if (page.headings.length === 0 && page.blocks.length === 0) return "The source has no body text.";
  return null;
}
