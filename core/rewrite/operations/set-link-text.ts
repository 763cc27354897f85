import { languageOf, type Page } from "../../page/page.ts";
import { withNode } from "../at-node.ts";
import { carryNode } from "../carry-node.ts";
import { cleanValue } from "../clean-value.ts";
import { linksAsHanded } from "../handing.ts";
import { inlineHtml } from "../inline-html.ts";
import { inlineMarkdown } from "../inline-markdown.ts";
import { escapeMarkdown } from "../markdown.ts";
import { checked } from "../markdown-blocks.ts";
import { escapeText } from "../markup.ts";
import type { NodeKey } from "../node.ts";
import { keyOf } from "../resolve.ts";
import { onlyLink } from "../row.ts";
import { changeWords } from "../words-in-place.ts";
import { type Operation, type Planned, patched, type Shape, setsWhatWas, valueIn } from "./operation.ts";

export interface SetLinkText extends Shape {
  op: "set-link-text";
  link: NodeKey;
  value: string;
  was: string;
}

const inHtml = (page: Page, { link: key, value }: SetLinkText) =>
  withNode(page, "link", key, (index): Planned => {
    const link = page.links[index];
    if (!link) return null;
    if (link.range.endStart < 0) return "This link has no end tag in the source. Close it there first.";
    const range = { start: link.range.startEnd, end: link.range.endStart };
    const write = { language: languageOf(page), source: page.source, write: escapeText };
    return patched(changeWords(inlineHtml(page, range), { ...write, was: link.text, value, what: "link" }));
  });

const inMarkdown = (page: Page, { link: key, value }: SetLinkText) =>
  withNode(page, "link", key, (index): Planned => {
    const link = page.links[index];
    if (!link) return null;
    const write = { language: languageOf(page), source: page.source, write: escapeMarkdown };
    const change = changeWords(inlineMarkdown(page, link.range), { ...write, was: link.text, value, what: "link" });
    return patched(checked(page, change, null, (read) => read.links[index]?.text === cleanValue(value)));
  });

const nodes = ({ link }: SetLinkText) => [{ kind: "link" as const, key: link }];
const standing = (page: Page, index: number) => page.links[index]?.text ?? "";

export const setLinkText: Operation<SetLinkText> = {
  called: "link text",
  schema: ({ key, value, text }) => ({ link: key.required(), value, was: text.default("") }),
  nodes,
  is: valueIn,
  renames: valueIn,
  isNothing: setsWhatWas,
  fromRow(page, row) {
    const found = onlyLink(page, row.was);
    if (typeof found === "string") return found;
    return { op: "set-link-text", link: found.key, value: row.is, was: row.was };
  },
  plan: { html: inHtml, markdown: inMarkdown },
  standing,
  carry: (edit, carrying) => carryNode(edit, { nodes, standing }, carrying),
  takenOver: ({ value, link: key }, now, handing) =>
    linksAsHanded(now, handing, (link) => link.text === value && key.text.startsWith(`${link.href} `)),
  sample: (page, { value, ofEach }) =>
    ofEach(page.links, (i) =>
      value.map((one): SetLinkText => ({ op: "set-link-text", link: keyOf(page, "link", i), value: one, was: "" })),
    ),
};
