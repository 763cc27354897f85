import type { ElementRange, Page, TextBlock } from "../page/page.ts";
import { cleanValue } from "./clean-value.ts";
import type { NodeKey, NodeKind } from "./node.ts";
import { findNode } from "./resolve.ts";

/** Does something with the node that a key names; the reason where it is not there. */
export function withNode<T>(page: Page, kind: NodeKind, key: NodeKey, run: (index: number) => T): T | string {
  const found = findNode(page, kind, key);
  return "reason" in found ? found.reason : run(found.index);
}

/** Carries out an edit that sets a value of the node that it names: nothing where the node has the value already. */
export const settingValue =
  <E extends { value: string }, T>(
    kind: NodeKind,
    keyIn: (edit: E) => NodeKey,
    standing: (page: Page, index: number) => string | null,
    run: (page: Page, index: number, value: string) => T,
  ) =>
  (page: Page, edit: E): T | string | null => {
    const value = cleanValue(edit.value);
    return withNode(page, kind, keyIn(edit), (index) =>
      standing(page, index) === value ? null : run(page, index, value),
    );
  };

/** A block that is the whole of an element. */
export type ElementBlock = TextBlock & { element: ElementRange };

export const isWhole = (block: TextBlock | undefined): block is ElementBlock => Boolean(block?.element);
