import type { Page } from "../page/page.ts";
import type { Handing } from "./handing.ts";
import { NODES, type NodeKey, type NodeKind } from "./node.ts";
import { type Bound, type Carried, type Carrying, CHANGED, SETTLED, type Shape } from "./operations/operation.ts";
import { findNode, keyOf } from "./resolve.ts";

/** What the carrying over of an edit of a node has to be told of its operation. */
export interface OfNode<E extends Shape> {
  nodes(edit: E): readonly Bound[];
  standing(page: Page, index: number): string | number | null;
  /** Its text does not name its node: whether it has changed is looked for there. */
  besideName?: true;
  /** What an edit is that was bound to another node, where `was` is no state of its node. */
  rebind?(edit: E, mine: E): E;
  /** Another place for it where its own is gone. */
  elsewhere?(edit: E, carrying: Carrying<E>): Carried<E> | null;
}

/** What stands at a node as it is told in a conflict: a level as “H2”. */
export const told = (state: string | number | null): string | null => (typeof state === "number" ? `H${state}` : state);

/** An edit bound to another node than the one it names. */
export function boundTo<E extends Shape>(
  edit: E,
  kind: NodeKind,
  index: number,
  page: Page,
  standing: OfNode<E>["standing"],
): E {
  const field = kind === "heading" ? "heading" : kind === "block" && "at" in edit ? "at" : kind;
  return { ...edit, [field]: keyOf(page, kind, index), was: standing(page, index) };
}

const isDone = (edit: Shape) => "value" in edit && edit.value === edit.was;

/** An edit of nodes is carried over where they are found again as they were. */
export function carryNode<E extends Shape>(edit: E, of: OfNode<E>, carrying: Carrying<E>): Carried<E> {
  const { page, handing, plan } = carrying;
  const nodes = of.nodes(edit);
  const lost = nodes.map(({ kind, key }) => findNode(page, kind, key)).find((found) => "reason" in found);
  if (lost && "reason" in lost) {
    const place = of.elsewhere?.(edit, carrying);
    if (place) return place;
    const [node, ...others] = nodes;
    const index = node && others.length === 0 && handing ? counterpart(node.kind, node.key, page, handing.before) : -1;
    if (!node || index < 0) return { conflict: { now: null, reason: lost.reason, mine: null } };
    const bound = boundTo(edit, node.kind, index, page, of.standing);
    const mine = of.rebind?.(edit, bound) ?? bound;
    const now = told(of.standing(page, index));
    return { conflict: { now, reason: CHANGED, mine: isDone(mine) ? null : mine } };
  }
  const planned = plan(edit);
  if (planned === null) return SETTLED;
  if (typeof planned === "string") return { conflict: { now: null, reason: planned, mine: null } };
  const [node] = nodes;
  if (!of.besideName || !node) return { kept: edit };
  const found = findNode(page, node.kind, node.key);
  const now = ("index" in found ? told(of.standing(page, found.index)) : null) ?? "";
  return now === (edit.was ?? "")
    ? { kept: edit }
    : { conflict: { now, reason: CHANGED, mine: { ...edit, was: now } } };
}

/** Where the node of the old original, so many places from another one, stands in the new one; -1 where it is not known. */
export function indexNow(kind: NodeKind, index: number, page: Page, before: Page): number {
  if (index < 0 || index >= before[NODES[kind]].length) return -1;
  // What stands around it is what may have changed.
  const { text, nth = 1, of = 1 } = keyOf(before, kind, index);
  const found = findNode(page, kind, { text, nth, of });
  return "index" in found ? found.index : -1;
}

/** The node that stands now between the same neighbours as one that is not there in its old words; -1 where there is none. */
export function counterpart(kind: NodeKind, key: NodeKey, page: Page, before: Handing["before"]): number {
  const found = findNode(before, kind, key);
  if ("reason" in found) return -1;
  const { length } = page[NODES[kind]];
  const { index } = found;
  const from = index === 0 ? -1 : indexNow(kind, index - 1, page, before);
  const last = index === before[NODES[kind]].length - 1;
  const to = last ? length : indexNow(kind, index + 1, page, before);
  if ((from < 0 && index > 0) || to < 0) return -1;
  return to - from === 2 ? from + 1 : -1;
}
