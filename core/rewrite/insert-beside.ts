import type { Page } from "../page/page.ts";
import type { Edit } from "./edits.ts";
import type { NewBlock } from "./new-block.ts";
import type { Origin } from "./origins.ts";

/** The edit that puts new blocks before or behind one of a redrafted page; null where it belongs to nothing that can be named. */
export function besideBlock(
  page: Page,
  origins: readonly Origin[],
  block: number,
  before: boolean,
  blocks: NewBlock[],
  id: string,
): Edit | null {
  const origin = origins[block];
  if (origin?.key) return { op: "insert-blocks", id, at: origin.key, before, blocks, was: null };
  if (!origin?.added) return null;
  // Beside what is new itself: it joins it.
  const own = origin.added.blocks;
  const at = own.findIndex(({ text }) => text === page.blocks[block]?.text) + (before ? 0 : 1);
  return { ...origin.added, blocks: own.toSpliced(at, 0, ...blocks) };
}
