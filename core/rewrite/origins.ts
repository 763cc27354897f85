import type { Page } from "../page/page.ts";
import type { Edit, NodeKey, NodeKind } from "./edits.ts";
import { findNode, identities, identity, keyOf } from "./resolve.ts";

/** Where a node of a redrafted page comes from: a node of the original by its key, or an edit that has put it there. */
export interface Origin {
  key: NodeKey | null;
  /** Index in the original; -1 where it was not there. */
  index: number;
  /** The edit that has put it there. */
  added: Extract<Edit, { op: "insert-blocks" }> | null;
}

/** Known by the nodes of the redrafted page: a change of the title leaves them the same. */
const known = new WeakMap<object, { original: Page; origins: readonly Origin[] }>();

/** The origins of all blocks, pictures or links of a redrafted page, so that each can be edited again. */
export function originsOf(
  original: Page,
  page: Page,
  edits: readonly Edit[],
  kind: Exclude<NodeKind, "heading">,
): readonly Origin[] {
  const nodes = kind === "block" ? page.blocks : kind === "picture" ? page.images : page.links;
  const before = known.get(nodes);
  if (before?.original === original) return before.origins;
  const origins = findOrigins(original, page, edits, kind);
  known.set(nodes, { original, origins });
  return origins;
}

function findOrigins(
  original: Page,
  page: Page,
  edits: readonly Edit[],
  kind: Exclude<NodeKind, "heading">,
): readonly Origin[] {
  const free = new Map<string, number[]>();
  // From behind, so that the first is taken from the end.
  const texts = identities(original, kind);
  for (let i = texts.length - 1; i >= 0; i--) {
    const text = texts[i] ?? "";
    const list = free.get(text);
    if (list) list.push(i);
    else free.set(text, [i]);
  }
  // Texts that the redraft has changed are known by their new words.
  const renamed = new Map<string, number>();
  const added = new Map<string, Extract<Edit, { op: "insert-blocks" }>>();
  for (const edit of edits) {
    if (edit.op === "insert-blocks") {
      for (const { text, links = [] } of edit.blocks)
        for (const one of [text, ...links.map((link) => link.text)]) added.set(identity(one), edit);
    } else if (edit.op === "set-block-text" && kind === "block") {
      const found = findNode(original, "block", edit.block);
      if ("index" in found) renamed.set(identity(edit.value), found.index);
    } else if (edit.op === "set-link-text" && kind === "link") {
      const found = findNode(original, "link", edit.link);
      if ("index" in found) renamed.set(identity(`${original.links[found.index]?.href} ${edit.value}`), found.index);
    }
  }
  return identities(page, kind).map((text) => {
    const index = renamed.get(text) ?? free.get(text)?.pop() ?? -1;
    if (index >= 0) return { key: keyOf(original, kind, index), index, added: null };
    return { key: null, index: -1, added: added.get(text) ?? null };
  });
}
