import type { Page } from "../../page/page.ts";
import { carryNode } from "../carry-node.ts";
import { type Operation, type Planned, patched, type Shape, setsWhatWas, valueIn } from "./operation.ts";

/** Whatever else somebody writes into the source, found again by what stands before and behind it. */
export interface EditSource extends Shape {
  op: "edit-source";
  id: string;
  before: string;
  after: string;
  value: string;
  was: string;
}

/** A stretch of the source that was written anew, in UTF-16 code units of the old and the new text. */
export interface SourceChange {
  fromA: number;
  toA: number;
  fromB: number;
  toB: number;
}

/** Characters before and behind a change by which it is found again, at first. */
const CONTEXT = 24;

/** Changes of a source as edits, each with as much around it as makes its place the only one. */
export function sourceEdits(was: string, is: string, changes: readonly SourceChange[]): EditSource[] {
  return changes.map(({ fromA, toA, fromB, toB }, i) => {
    let around = CONTEXT;
    const beside = () => ({
      before: was.slice(Math.max(0, fromA - around), fromA),
      after: was.slice(toA, toA + around),
    });
    const own = was.slice(fromA, toA);
    for (; around < was.length; around *= 2) {
      const { before, after } = beside();
      const text = before + own + after;
      if (was.indexOf(text) === was.lastIndexOf(text)) break;
    }
    return { op: "edit-source", id: `source ${i}`, ...beside(), was: own, value: is.slice(fromB, toB) };
  });
}

/** Where a text stands in the source; -1 for nowhere, -2 for several places. */
function onlyPlace(source: string, text: string): number {
  const at = source.indexOf(text);
  return at >= 0 && source.indexOf(text, at + 1) >= 0 ? -2 : at;
}

function plan({ source }: Page, { before, after, was, value }: EditSource): Planned {
  if (/charset/i.test(was + value))
    return "The character set cannot be changed here: the bytes would stay in the old one. Save the page in the new one, then bring it in again.";
  const at = onlyPlace(source, before + was + after);
  if (at === -2) return "That place stands in the source more than once. Change the source again.";
  if (at === -1) {
    const made = onlyPlace(source, before + value + after) !== -1;
    return made ? null : "The source is not as it was when this was changed. Change it again.";
  }
  const start = at + before.length;
  return patched({ patches: [{ start, end: start + was.length, text: value }] });
}

const nodes = () => [];

export const editSource: Operation<EditSource> = {
  called: "source",
  schema: ({ id, text, value }) => ({
    id,
    before: text.required(),
    after: text.required(),
    value,
    was: text.required(),
  }),
  nodes,
  is: valueIn,
  isNothing: setsWhatWas,
  plan: { html: plan, markdown: plan },
  carry: (edit, carrying) => carryNode(edit, { nodes, standing: () => "" }, carrying),
  takenOver: ({ before, value, after }, now) => now.source.includes(before + value + after),
  sample: (page, { fc, ofEach }) =>
    ofEach(page.blocks, (_, { range: { start, end } }) =>
      fc.constantFrom("<b>new</b>", "</i>", "word", "").map((text): EditSource => {
        const change = { fromA: start, toA: end, fromB: start, toB: start + text.length };
        const next = page.source.slice(0, start) + text + page.source.slice(end);
        return sourceEdits(page.source, next, [change])[0] as EditSource;
      }),
    ),
};
