import { contentBlocks } from "../../page/body.ts";
import type { Page } from "../../page/page.ts";

/** A value with its label before it: “Where: the saloon”, a term and its meaning, a row of a table. */
export interface Labelled {
  label: string;
  value: string;
  /** Index in `Page.blocks` of the block that holds the value. */
  block: number;
}

const BEFORE_COLON = /^([\p{L}][\p{L}\p{N} ’'/()-]{1,30}?)\s*:\s+(\S.*)$/u;

const remembered = new WeakMap<Page["blocks"], Labelled[]>();

/** Every labelled value of the content, in the order of the page. Looked for once for the same blocks. */
export function labelledOn(page: Page): readonly Labelled[] {
  let found = remembered.get(page.blocks);
  if (found) return found;
  found = [];
  const blocks = contentBlocks(page);
  for (const [i, { block, index }] of blocks.entries()) {
    const next = blocks[i + 1];
    const pair = { dt: "dd", th: "td" }[block.tag];
    if (pair) {
      // A row of headings has no value beside its last one.
      if (next?.block.tag === pair && blocks[i - 1]?.block.tag !== "th")
        found.push({ label: block.text.replace(/:$/, ""), value: next.block.text, block: next.index });
      continue;
    }
    if (/^h[1-6]$/.test(block.tag)) continue;
    const [, label, value] = BEFORE_COLON.exec(block.text) ?? [];
    if (label && value) found.push({ label, value, block: index });
  }
  remembered.set(page.blocks, found);
  return found;
}

/** The first value whose label is one of these words. */
export const labelled = (page: Page, label: RegExp): Labelled | null =>
  labelledOn(page).find((one) => label.test(one.label)) ?? null;

/** A value without the full stop that ends its sentence. */
export const bare = (value: string): string => value.replace(/[.\s]+$/, "");
