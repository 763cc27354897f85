import type { Page } from "../../page/page.ts";
import { type ElementBlock, isWhole, withNode } from "../at-node.ts";
import { carryNode } from "../carry-node.ts";
import { notAllowedAt } from "../content-model.ts";
import { besides, NEIGHBOURS, OPEN } from "../html-blocks.ts";
import { checked, isItem, besides as linesBeside, linesOf, textsOf, WITHIN } from "../markdown-blocks.ts";
import { wholeLine } from "../markup.ts";
import type { NodeKey } from "../node.ts";
import { keyOf } from "../resolve.ts";
import { type Operation, type Planned, patched, type Shape } from "./operation.ts";

export interface MoveBlock extends Shape {
  op: "move-block";
  block: NodeKey;
  to: NodeKey;
  before: boolean;
  was: string;
}

interface Move {
  block: ElementBlock;
  from: number;
  place: ElementBlock;
  to: number;
  before: boolean;
}

const ITSELF = "A block cannot be moved to itself.";
const AMONG_ITEMS = "List items can be moved among list items only.";

/** Where equal words stand beside the place already nothing would change for a reader. */
const isThere = ({ blocks }: Page, { block, place, to, before }: Move) =>
  block.text === place.text || blocks[to + (before ? -1 : 1)]?.text === block.text;

function inHtml(page: Page, move: Move): Planned {
  const { block, place, before } = move;
  const { source } = page;
  if (block.element.start === place.element.start) return ITSELF;
  if (isThere(page, move)) return null;
  if (!NEIGHBOURS.has(block.tag) || !NEIGHBOURS.has(place.tag))
    return "Only paragraphs, headings and list items can be moved here.";
  if (isItem(block) !== isItem(place)) return AMONG_ITEMS;
  const out = wholeLine(source, block.element.start, block.element.end);
  const html = source.slice(block.element.start, block.element.end);
  const wrong = notAllowedAt(page, place.element.start, [block.tag], html);
  if (wrong) return wrong;
  const put = besides(source, place.element, before, [html]);
  return put.start > out.start && put.start < out.end ? null : patched({ patches: [out, put] });
}

function inMarkdown(page: Page, move: Move): Planned {
  const { block, from, place, to, before } = move;
  if (from === to) return ITSELF;
  if (isItem(block) !== isItem(place)) return AMONG_ITEMS;
  if (isThere(page, move)) return null;
  const { source } = page;
  const out = linesOf(source, block.element);
  const own = source.slice(source.lastIndexOf("\n", block.element.start - 1) + 1, block.element.end);
  const put = linesBeside(source, place, before, own);
  if (put.start > out.start && put.start < out.end) return null;
  const texts = textsOf(page).toSpliced(from, 1);
  texts.splice(to + (before ? 0 : 1) - (from < to ? 1 : 0), 0, block.text);
  return patched(checked(page, { patches: [out, put] }, texts));
}

const plan =
  (run: (page: Page, move: Move) => Planned, not: string) =>
  (page: Page, { block: own, to: target, before }: MoveBlock): Planned =>
    withNode(page, "block", own, (from): Planned => {
      const block = page.blocks[from];
      if (!isWhole(block)) return not;
      return withNode(page, "block", target, (to): Planned => {
        const place = page.blocks[to];
        return isWhole(place) ? run(page, { block, from, place, to, before }) : not;
      });
    });

const nodes = ({ block, to }: MoveBlock) => [
  { kind: "block" as const, key: block },
  { kind: "block" as const, key: to },
];
const standing = (page: Page, index: number) => page.blocks[index]?.text ?? "";

export const moveBlock: Operation<MoveBlock> = {
  called: "text moved",
  schema: ({ joi, key, text }) => ({
    block: key.required(),
    to: key.required(),
    before: joi.boolean().required(),
    was: text.default(""),
  }),
  nodes,
  is: ({ before, to }) => `${before ? "before" : "behind"}: ${to.text}`,
  uproots: true,
  plan: { html: plan(inHtml, OPEN), markdown: plan(inMarkdown, WITHIN) },
  standing,
  carry: (edit, carrying) => carryNode(edit, { nodes, standing }, carrying),
  takenOver({ was }, now, { expected }) {
    const beside = ({ blocks }: Page) =>
      blocks.filter(({ text }) => text === was).length === 1
        ? [-1, 1].map((by) => blocks[blocks.findIndex(({ text }) => text === was) + by]?.text)
        : null;
    const there = beside(now);
    return there !== null && JSON.stringify(there) === JSON.stringify(beside(expected));
  },
  sample: (page, { fc, ofEach, indexOf }) =>
    ofEach(page.blocks, (i) =>
      fc
        .tuple(indexOf(page.blocks), fc.boolean())
        // One that stands there already stays, until another edit puts a text between.
        .filter(([to, before]) => to !== (before ? i + 1 : i - 1))
        .map(
          ([to, before]): MoveBlock => ({
            op: "move-block",
            block: keyOf(page, "block", i),
            to: keyOf(page, "block", to),
            before,
            was: "",
          }),
        ),
    ),
};
