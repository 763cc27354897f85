import type { Page } from "../page/page.ts";
import { placesAfter, shapePatches } from "./apply.ts";
import { cleanValue } from "./clean-value.ts";
import { type Edit, operationOf } from "./edits.ts";
import type { NodeKey, NodeKind } from "./node.ts";
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
const originsByNodes = new WeakMap<object, { original: Page; origins: readonly Origin[] }>();

/** The origins of all blocks, pictures or links of a redrafted page, so that each can be edited again. */
export function originsOf(
  original: Page,
  page: Page,
  edits: readonly Edit[],
  kind: Exclude<NodeKind, "heading">,
): readonly Origin[] {
  const nodes = kind === "block" ? page.blocks : kind === "picture" ? page.images : page.links;
  const before = originsByNodes.get(nodes);
  if (before?.original === original) return before.origins;
  const origins = findOrigins(original, page, edits, kind);
  originsByNodes.set(nodes, { original, origins });
  return origins;
}

function findOrigins(
  original: Page,
  page: Page,
  edits: readonly Edit[],
  kind: Exclude<NodeKind, "heading">,
): readonly Origin[] {
  const [was, is] = [startsOf(original, kind), startsOf(page, kind)];
  const fromOriginal = (index: number): Origin => ({ key: keyOf(original, kind, index), index, added: null });
  const places = new Map(is.map((start, i) => [start, i]));
  const patches = shapePatches(original, edits);
  const [behind, before] = [placesAfter(patches), placesAfter(patches, "before")];
  // What is inserted where a node begins is a node of its own, or the beginning of its text.
  const placeOf = (start: number) => places.get(behind(start)) ?? places.get(before(start));
  const origins: (Origin | undefined)[] = is.map(() => undefined);
  const away = new Map<string, number[]>();
  const moving = new Set(edits.flatMap((edit) => (edit.op === "move-block" ? [indexOf(original, edit.block)] : [])));
  // From behind, so that of equal ones the first is taken from the end.
  for (let index = was.length - 1; index >= 0; index--) {
    const now = kind === "block" && moving.has(index) ? undefined : placeOf(was[index] ?? -1);
    if (now !== undefined && !origins[now]) origins[now] = fromOriginal(index);
    else if (kind !== "block" || moving.has(index)) {
      const text = renamed(original, edits, index) ?? identities(original, kind)[index] ?? "";
      away.set(text, [...(away.get(text) ?? []), index]);
    }
  }
  const added = new Map<string, Extract<Edit, { op: "insert-blocks" }>>();
  for (const edit of edits) {
    if (edit.op !== "insert-blocks") continue;
    for (const { text, links = [] } of edit.blocks)
      for (const one of [text, ...links.map((link) => link.text)]) added.set(identity(cleanValue(one)), edit);
  }
  return identities(page, kind).map((text, i) => {
    const known = origins[i];
    if (known) return known;
    const index = added.has(text) && kind === "block" ? -1 : (away.get(text)?.pop() ?? -1);
    return index >= 0 ? fromOriginal(index) : { key: null, index: -1, added: added.get(text) ?? null };
  });
}

/** Where the nodes of a kind begin in the source. */
function startsOf(page: Page, kind: Exclude<NodeKind, "heading">): number[] {
  const nodes = kind === "block" ? page.blocks : kind === "picture" ? page.images : page.links;
  return nodes.map(({ range }) => range.start);
}

function indexOf(original: Page, key: NodeKey): number {
  const found = findNode(original, "block", key);
  return "index" in found ? found.index : -1;
}

/** The new words of a block that the redraft has moved and reworded. */
function renamed(original: Page, edits: readonly Edit[], index: number): string | null {
  for (const edit of edits)
    if ("block" in edit && indexOf(original, edit.block) === index) {
      const text = operationOf(edit).renames?.(edit);
      if (text !== undefined) return identity(text);
    }
  return null;
}
