import type { Page } from "../../page/page.ts";
import { isWhole, withNode } from "../at-node.ts";
import { carryNode } from "../carry-node.ts";
import { blocksAsHanded } from "../handing.ts";
import { OPEN } from "../html-blocks.ts";
import { checked, linesOf, textsOf, WITHIN } from "../markdown-blocks.ts";
import { wholeLine } from "../markup.ts";
import type { NodeKey } from "../node.ts";
import { keyOf } from "../resolve.ts";
import { type Operation, type Planned, patched, type Shape } from "./operation.ts";

export interface RemoveBlock extends Shape {
  op: "remove-block";
  block: NodeKey;
  was: string;
}

const inHtml = (page: Page, { block: key }: RemoveBlock) =>
  withNode(page, "block", key, (index): Planned => {
    const block = page.blocks[index];
    if (!isWhole(block)) return OPEN;
    return patched({ patches: [wholeLine(page.source, block.element.start, block.element.end)] });
  });

const inMarkdown = (page: Page, { block: key }: RemoveBlock) =>
  withNode(page, "block", key, (index): Planned => {
    const block = page.blocks[index];
    if (!isWhole(block)) return WITHIN;
    const change = { patches: [linesOf(page.source, block.element)] };
    return patched(checked(page, change, textsOf(page).toSpliced(index, 1)));
  });

const nodes = ({ block }: RemoveBlock) => [{ kind: "block" as const, key: block }];
const standing = (page: Page, index: number) => page.blocks[index]?.text ?? "";

export const removeBlock: Operation<RemoveBlock> = {
  called: "text removed",
  schema: ({ key, text }) => ({ block: key.required(), was: text.default("") }),
  nodes,
  is: () => "",
  uproots: true,
  ends: true,
  plan: { html: inHtml, markdown: inMarkdown },
  standing,
  carry: (edit, carrying) => carryNode(edit, { nodes, standing }, carrying),
  takenOver: ({ was }, now, handing) => blocksAsHanded(now, handing, was),
  sample: (page, { fc, ofEach }) =>
    ofEach(page.blocks, (i, { text }) =>
      fc.constant({ op: "remove-block", block: keyOf(page, "block", i), was: text }),
    ),
};
