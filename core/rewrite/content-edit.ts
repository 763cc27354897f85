import type { Page } from "../page/page.ts";
import { contentOf, insideOf, isText, type Piece } from "./content.ts";
import { type Edit, nodesOf, operationOf, withEdit } from "./edits.ts";
import { NODES } from "./node.ts";
import { standing } from "./operations/set-block-content.ts";
import type { Origin } from "./origins.ts";
import { findNode } from "./resolve.ts";
import { writeContent } from "./write-content.ts";

/** A page with its redraft, and where its blocks come from. */
interface Redrafted {
  original: Page;
  page: Page;
  edits: readonly Edit[];
  origins: readonly Origin[];
}

/** Whether a content is words alone. */
export const isPlain = (pieces: readonly Piece[] | string) =>
  typeof pieces !== "string" && pieces.every((piece) => isText(piece) && piece.marks.length === 0);

/**
 * The redraft once a block of the page as it leaves it has other content: one edit in the place of all that were made within
 * the block, or the reason why it cannot be written. Words without any markup are set as words.
 */
export function withContent(
  { original, page, edits, origins }: Redrafted,
  block: number,
  pieces: readonly Piece[],
): readonly Edit[] | { reason: string } {
  const { key, index } = origins[block] ?? { key: null, index: -1 };
  const was = original.blocks[index];
  if (!key || !was) return { reason: "It cannot be told where this text stands in the original." };
  const written = writeContent(page, block, pieces);
  if (typeof written === "string") return { reason: written };
  const { start, end } = insideOf(original, was);
  const isWithin = (edit: Edit) =>
    nodesOf(edit).some(({ kind, key }) => {
      const found = findNode(original, kind, key);
      if (kind === "heading" || "reason" in found) return false;
      const { range } = original[NODES[kind]][found.index] ?? { range: { start: -1, end: -1 } };
      return kind === "block" ? "block" in edit && found.index === index : range.start >= start && range.end <= end;
    });
  const rest = edits.filter((edit) => operationOf(edit).uproots || !isWithin(edit));
  const plain = isPlain(pieces) && isPlain(contentOf(original, index));
  return withEdit(
    rest,
    plain
      ? { op: "set-block-text", block: key, value: written.text, was: was.text }
      : { op: "set-block-content", block: key, ...written, was: standing(original, index) },
  );
}
