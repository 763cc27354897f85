import type { Page } from "../page/page.ts";
import { type Edit, slotOf, withEdit } from "./edits.ts";
import type { Origin } from "./origins.ts";
import { findNode } from "./resolve.ts";

export interface TextMove {
  original: Page;
  page: Page;
  edits: readonly Edit[];
  origins: readonly Origin[];
  /** Index in the redrafted page's blocks. */
  block: number;
  /** −1 for up, 1 for down. */
  by: -1 | 1;
}

type Inserted = Extract<Edit, { op: "insert-blocks" }>;

/** A redraft in which a text stands one place further up or down, or the reason why it cannot. */
export function moveText({ original, page, edits, origins, block, by }: TextMove): Edit[] | { reason: string } {
  const [own, beside] = [origins[block], origins[block + by]];
  const where = by < 0 ? "above" : "below";
  if (!beside) return { reason: `It is the ${by < 0 ? "first" : "last"} text of the page already.` };
  const one = page.blocks[block];
  const other = page.blocks[block + by];
  if (!own || !one || !other) return { reason: "This text is not on the page any more." };
  if (own.added && own.added === beside.added) return swapped(edits, own.added, one.text, other.text);
  if (own.added) {
    if (!beside.key) return { reason: `The text ${where} was added too, by another change. Move that one instead.` };
    if (alone(own.added)) return withEdit(edits, { ...own.added, at: beside.key, before: by < 0 });
    return { reason: "It was added together with others, and stands at their end. Move what is beside it instead." };
  }
  if (!own.key) return { reason: "It cannot be told where this text stands in the original." };
  if (beside.added) {
    // What was added goes to the other side of it, wherever it was bound to before.
    if (!alone(beside.added))
      return { reason: `The text ${where} was added together with others. Move those one by one instead.` };
    return withEdit(edits, { ...beside.added, at: own.key, before: by > 0 });
  }
  if (!beside.key) return { reason: `It cannot be told where the text ${where} stands in the original.` };
  const back = edits.find((edit) => edit.op === "move-block" && at(original, edit.block) === beside.index);
  if (back?.op === "move-block" && at(original, back.to) === own.index) {
    return edits.filter((edit) => slotOf(edit) !== slotOf(back));
  }
  if (back) return { reason: `The text ${where} was moved there itself. Move it further instead, or take that back.` };
  const was = original.blocks[own.index]?.text ?? "";
  return withEdit(edits, { op: "move-block", block: own.key, to: beside.key, before: by < 0, was });
}

const alone = ({ blocks }: Inserted) => blocks.length === 1 && blocks[0]?.tag !== "links";

const at = (original: Page, key: Parameters<typeof findNode>[2]) => {
  const found = findNode(original, "block", key);
  return "index" in found ? found.index : -1;
};

/** Two texts of one change in each other's place. */
function swapped(edits: readonly Edit[], added: Inserted, one: string, other: string): Edit[] {
  const texts = added.blocks.map(({ text }) => text);
  const [i, j] = [texts.indexOf(one), texts.indexOf(other)];
  const [first, second] = [added.blocks[i], added.blocks[j]];
  if (!first || !second) return [...edits];
  return withEdit(edits, { ...added, blocks: added.blocks.with(i, second).with(j, first) });
}
