import type { ElementRange, Page, TextBlock } from "../page/page.ts";
import type { NodeKey, NodeKind } from "./node.ts";
import { findNode } from "./resolve.ts";

/** Does something with the node that a key names; the reason where it is not there. */
export function withNode<T>(page: Page, kind: NodeKind, key: NodeKey, run: (index: number) => T): T | string {
  const found = findNode(page, kind, key);
  return "reason" in found ? found.reason : run(found.index);
}

/** A block that is the whole of an element. */
export type ElementBlock = TextBlock & { element: ElementRange };

export const isWhole = (block: TextBlock | undefined): block is ElementBlock => Boolean(block?.element);
