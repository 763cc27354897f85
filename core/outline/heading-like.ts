import { contentBlocks, isHeadingBlock } from "../page/body.ts";
import { HEADING_LIKE, type Page, type TextBlock } from "../page/page.ts";

export interface HeadingLike {
  block: TextBlock;
  index: number;
  why: "bold" | "class";
}

/** Class names that say heading or title; “subtitle” and “title-bar” say something else. */
const SAYS_HEADING = /(?:^|\s)(?:[a-z0-9]+[-_]+)*(?:heading|headline|title|hd|h[1-6])(?:[-_]?[0-9]+)?(?=\s|$)/i;
const SAYS_OTHER = /sub-?_?(?:title|head)|untitled/i;

const known = new WeakMap<Page["blocks"], HeadingLike[]>();

/** Short texts of the content that are set like headings, stand before other text, and are none. */
export function headingLike(page: Page): HeadingLike[] {
  let found = known.get(page.blocks);
  if (found) return found;
  found = [];
  const blocks = contentBlocks(page);
  for (const [i, { block, index }] of blocks.entries()) {
    if (block.text.length > HEADING_LIKE || (block.tag !== "p" && block.tag !== "div") || !block.element) continue;
    if (!block.bold && block.classNames === "") continue;
    const byClass = SAYS_HEADING.test(block.classNames) && !SAYS_OTHER.test(block.classNames);
    if (!block.bold && !byClass) continue;
    const next = blocks[i + 1];
    // A heading stands before text: a line of the same kind after it makes both of them a list, or a last line a signature.
    if (!next || next.block.tag.length < 1 || isHeadingBlock(page, next.index) || isHeadingBlock(page, index)) continue;
    if (next.block.bold || /[.;,]$/.test(block.text)) continue;
    found.push({ block, index, why: block.bold ? "bold" : "class" });
  }
  known.set(page.blocks, found);
  return found;
}
