import type { Page } from "../../page/page.ts";
import { type ElementBlock, isWhole, withNode } from "../at-node.ts";
import { carryNode } from "../carry-node.ts";
import { notAllowedAt } from "../content-model.ts";
import { newHeadingAsHanded } from "../handing.ts";
import { isLevel, NO_LEVEL } from "../heading-edit.ts";
import { OPEN } from "../html-blocks.ts";
import { checked, textsOf, WITHIN } from "../markdown-blocks.ts";
import { renameTags } from "../markup.ts";
import type { NodeKey } from "../node.ts";
import type { Patch } from "../patch.ts";
import { keyOf } from "../resolve.ts";
import { type Operation, type Planned, patched, type Shape } from "./operation.ts";

/** A block becomes a heading with what it holds. */
export interface MakeHeading extends Shape {
  op: "make-heading";
  block: NodeKey;
  level: number;
  was: string;
}

const TAGS = new Set("p div dt li td th blockquote caption figcaption summary".split(" "));

function inHtml(page: Page, { element, tag }: ElementBlock, level: number): Planned {
  const around = page.headings.find(({ range }) => range.start <= element.start && range.end >= element.end);
  if (around) return around.level === level ? null : "This is a heading already.";
  if (!TAGS.has(tag)) return `A ${tag} element cannot become a heading here. Change it in the source.`;
  const { source } = page;
  const isRenamed = tag === "p" || tag === "div";
  const inner = source.slice(element.startEnd, element.endStart);
  // In a list item or a cell the heading stands inside, so that list and table stay what they are.
  const wrong = notAllowedAt(page, isRenamed ? element.start : element.startEnd, [`h${level}`], inner);
  if (wrong) return wrong;
  if (isRenamed) {
    const patches = renameTags(source, element, `h${level}`);
    const [first] = patches;
    return patched({ patches, ...(first && { makes: [{ patch: first, offset: -1 }] }) });
  }
  const open: Patch = { start: element.startEnd, end: element.startEnd, text: `<h${level}>` };
  const close: Patch = { start: element.endStart, end: element.endStart, text: `</h${level}>` };
  return patched({ patches: [open, close], makes: [{ patch: open, offset: 0 }] });
}

function inMarkdown(page: Page, block: ElementBlock, level: number): Planned {
  if (/^h[1-6]$/.test(block.tag)) return "This is a heading already.";
  if (block.tag !== "p") return WITHIN;
  const { start, end } = block.range;
  const marks: Patch = { start, end: start, text: `${"#".repeat(level)} ` };
  // A heading is one line; a hash at its end would be taken for its closing mark (CommonMark 4.2).
  const lines = [...page.source.slice(start, end).matchAll(/[ \t]*(?:\\| {2,})?\r?\n[ \t]*/g)].map(
    ({ index, 0: line }): Patch => ({ start: start + index, end: start + index + line.length, text: " " }),
  );
  const change = { patches: [marks, ...lines], makes: [{ patch: marks, offset: 0 }] };
  return patched(checked(page, change, textsOf(page), (read) => read.headings.length === page.headings.length + 1));
}

const plan =
  (make: (page: Page, block: ElementBlock, level: number) => Planned, not: string) =>
  (page: Page, { block: key, level }: MakeHeading): Planned =>
    isLevel(level)
      ? withNode(page, "block", key, (index): Planned => {
          const block = page.blocks[index];
          return isWhole(block) ? make(page, block, level) : not;
        })
      : NO_LEVEL;

const nodes = ({ block }: MakeHeading) => [{ kind: "block" as const, key: block }];
const standing = (page: Page, index: number) => page.blocks[index]?.text ?? "";

export const makeHeading: Operation<MakeHeading> = {
  called: "made a heading",
  schema: ({ key, level, text }) => ({ block: key.required(), level, was: text.default("") }),
  nodes,
  is: ({ level }) => `H${level}`,
  uproots: true,
  plan: { html: plan(inHtml, OPEN), markdown: plan(inMarkdown, WITHIN) },
  standing,
  carry: (edit, carrying) => carryNode(edit, { nodes, standing }, carrying),
  takenOver: (_, now, handing, slot) => newHeadingAsHanded(now, handing, slot),
  sample: (page, { fc, ofEach }) =>
    ofEach(page.blocks, (i) =>
      fc
        .integer({ min: 1, max: 6 })
        .map((level): MakeHeading => ({ op: "make-heading", block: keyOf(page, "block", i), level, was: "p" })),
    ),
};
