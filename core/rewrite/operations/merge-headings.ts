import type { Heading, HeadingKey, Page } from "../../page/page.ts";
import { carryNode } from "../carry-node.ts";
import { newHeadingAsHanded } from "../handing.ts";
import { isLevel, NO_LEVEL } from "../heading-edit.ts";
import { escapeText, renameTags } from "../markup.ts";
import type { Patch } from "../patch.ts";
import { findHeading } from "../resolve.ts";
import { type Operation, type Planned, patched, type Shape } from "./operation.ts";

/** Headings that stand beside each other become one of several parts. */
export interface MergeHeadings extends Shape {
  op: "merge-headings";
  headings: HeadingKey[];
  separator: string;
  level: number;
  was: string;
}

/** Each becomes a `span` with its classes and what it holds; what stands between them makes room for the separator. */
function plan(page: Page, { headings: keys, separator, level }: MergeHeadings): Planned {
  if (!isLevel(level)) return NO_LEVEL;
  if (keys.length < 2) return "It takes two headings at least to make one of them.";
  const headings: Heading[] = [];
  for (const key of keys) {
    const found = findHeading(page, key);
    const heading = "index" in found ? page.headings[found.index] : undefined;
    if (!heading) return "reason" in found ? found.reason : "The heading is not on this page.";
    headings.push(heading);
  }
  const { source } = page;
  const patches: Patch[] = [];
  for (const [i, heading] of headings.entries()) {
    if (!heading.balanced || heading.nested || !heading.phrasing)
      return `“${heading.text}” is not closed in the source, or holds other blocks. Mend it there first.`;
    if (heading.levelFrom !== "tag") return `“${heading.text}” is a heading by its role. Change it in the source.`;
    const next = headings[i + 1];
    patches.push(...renameTags(source, heading.range, "span"));
    if (!next) continue;
    const between = { start: heading.range.end, end: next.range.start };
    if (between.start > between.end || source.slice(between.start, between.end).trim() !== "")
      return `Something stands between “${heading.text}” and “${next.text}”. Bring them together in the source first.`;
    patches.push({ ...between, text: separator === "" ? " " : escapeText(separator) });
  }
  const [first, last] = [headings[0] as Heading, headings.at(-1) as Heading];
  const open: Patch = { start: first.range.start, end: first.range.start, text: `<h${level}>` };
  patches.push(open, { start: last.range.end, end: last.range.end, text: `</h${level}>` });
  return patched({ patches, makes: [{ patch: open, offset: 0 }] });
}

const nodes = ({ headings }: MergeHeadings) => Array.from(headings, (key) => ({ kind: "heading" as const, key }));
const standing = (page: Page, index: number) => page.headings[index]?.text ?? "";

export const mergeHeadings: Operation<MergeHeadings> = {
  called: "headings merged",
  schema: ({ joi, key, level, text }) => ({
    headings: joi.array().items(key).min(2).required(),
    separator: text.default(" "),
    level,
    was: text.default(""),
  }),
  nodes,
  is: ({ level, headings, separator }) => `H${level}: ${Array.from(headings, ({ text }) => text).join(separator)}`,
  uproots: true,
  ends: true,
  plan: { html: plan },
  standing,
  carry: (edit, carrying) => carryNode(edit, { nodes, standing }, carrying),
  takenOver: (_, now, handing, slot) => newHeadingAsHanded(now, handing, slot),
  sample: ({ headings }, { fc, ofEach }) =>
    ofEach(headings.slice(0, -1), (from) =>
      fc.constant({
        op: "merge-headings",
        headings: headings.slice(from, from + 2).map(({ key }) => key),
        separator: " – ",
        level: 1,
        was: "",
      }),
    ),
};
