import type { Page } from "../page/page.ts";
import type { Edit, NodeKey, NodeKind } from "./edits.ts";
import { findNode, identities, keyOf } from "./resolve.ts";

/** Where a node of a redrafted page comes from: a node of the original by its key, or an edit that has put it there. */
export interface Origin {
  key: NodeKey | null;
  /** Index in the original; -1 where it was not there. */
  index: number;
  /** The edit that has put it there. */
  added: Extract<Edit, { op: "insert-blocks" }> | null;
}

/** The origins of all blocks, pictures or links of a redrafted page, so that each can be edited again. */
export function originsOf(
  original: Page,
  page: Page,
  edits: readonly Edit[],
  kind: Exclude<NodeKind, "heading">,
): Origin[] {
  const free = new Map<string, number[]>();
  identities(original, kind).forEach((text, i) => {
    const list = free.get(text);
    if (list) list.push(i);
    else free.set(text, [i]);
  });
  // Texts that the redraft has changed are known by their new words.
  const renamed = new Map<string, number>();
  const added = new Map<string, Extract<Edit, { op: "insert-blocks" }>>();
  for (const edit of edits) {
    if (edit.op === "insert-blocks") {
      for (const { text, links = [] } of edit.blocks)
        for (const one of [text, ...links.map((l) => l.text)]) added.set(one, edit);
    }
    const key =
      kind === "block" && edit.op === "set-block-text"
        ? edit.block
        : kind === "link" && edit.op === "set-link-text"
          ? edit.link
          : null;
    const found = key && findNode(original, kind, key);
    if (!found || "reason" in found || !("value" in edit)) continue;
    const href = original.links[found.index]?.href ?? "";
    renamed.set((kind === "link" ? `${href} ${edit.value}` : edit.value).slice(0, 160), found.index);
  }
  return identities(page, kind).map((text) => {
    const index = renamed.get(text) ?? free.get(text)?.shift() ?? -1;
    if (index >= 0) return { key: keyOf(original, kind, index), index, added: null };
    return { key: null, index: -1, added: added.get(text) ?? null };
  });
}
