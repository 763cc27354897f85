import type { Page } from "../../page/page.ts";
import { withNode } from "../at-node.ts";
import { carryNode } from "../carry-node.ts";
import { cleanValue } from "../clean-value.ts";
import { checked, linkTail } from "../markdown-blocks.ts";
import { removeAttribute, setAttribute } from "../markup.ts";
import type { NodeKey } from "../node.ts";
import { keyOf } from "../resolve.ts";
import { onlyNode } from "../row.ts";
import { type Operation, type Planned, patched, type Shape, setsWhatWas, valueIn } from "./operation.ts";

/** What is shown where somebody points at a link; "" takes it out. */
export interface SetLinkTitle extends Shape {
  op: "set-link-title";
  link: NodeKey;
  value: string;
  was: string | null;
}

const inHtml = (page: Page, { link: key, value: written }: SetLinkTitle) =>
  withNode(page, "link", key, (index): Planned => {
    const link = page.links[index];
    const value = cleanValue(written);
    if (!link || (link.title ?? "") === value) return null;
    const { source } = page;
    const patches =
      value === "" ? removeAttribute(source, link.range, "title") : [setAttribute(source, link.range, "title", value)];
    return patched({ patches });
  });

const inMarkdown = (page: Page, { link: key, value: written }: SetLinkTitle) =>
  withNode(page, "link", key, (index): Planned => {
    const link = page.links[index];
    const value = cleanValue(written);
    if (!link || (link.title ?? "") === value) return null;
    const { start, end } = link.range;
    const tail = linkTail(page.source.slice(start, end));
    if (!tail) return "The hint of this link stands elsewhere in the file, or it has none. Edit the source instead.";
    const title = value === "" ? "" : ` "${value.replace(/["\\]/g, "\\$&")}"`;
    const patch = { start: start + tail.index, end, text: `](${tail.to}${title})` };
    return patched(checked(page, { patches: [patch] }, null, (read) => (read.links[index]?.title ?? "") === value));
  });

const nodes = ({ link }: SetLinkTitle) => [{ kind: "link" as const, key: link }];
const standing = (page: Page, index: number) => page.links[index]?.title ?? null;

export const setLinkTitle: Operation<SetLinkTitle> = {
  called: "link title",
  namesNode: true,
  schema: ({ key, value, nothing }) => ({ link: key.required(), value, was: nothing }),
  nodes,
  is: valueIn,
  isNothing: setsWhatWas,
  fromRow(page, row) {
    const found = onlyNode(page, "link", row.named);
    if (typeof found === "string") return found;
    return { op: "set-link-title", link: found.key, value: row.is, was: page.links[found.index]?.title ?? null };
  },
  plan: { html: inHtml, markdown: inMarkdown },
  standing,
  carry: (edit, carrying) => carryNode(edit, { nodes, standing, besideName: true }, carrying),
  sample: (page, { value, ofEach }) =>
    ofEach(page.links, (i) =>
      value.map((one): SetLinkTitle => ({ op: "set-link-title", link: keyOf(page, "link", i), value: one, was: null })),
    ),
};
