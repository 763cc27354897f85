import type { Page } from "../../page/page.ts";
import { settingValue } from "../at-node.ts";
import { carryNode } from "../carry-node.ts";
import { checked, linkTail } from "../markdown-blocks.ts";
import { removeAttribute, setAttribute } from "../markup.ts";
import type { NodeKey } from "../node.ts";
import { keyOf } from "../resolve.ts";
import { ofOnlyNode } from "../row.ts";
import { type Operation, type Planned, patched, type Shape, setsWhatWas, valueIn } from "./operation.ts";

/** What is shown where somebody points at a link; "" takes it out. */
export interface SetLinkTitle extends Shape {
  op: "set-link-title";
  link: NodeKey;
  value: string;
  was: string | null;
}

const standing = (page: Page, index: number) => page.links[index]?.title ?? null;
const setting = (run: (page: Page, index: number, value: string) => Planned) =>
  // None at all is what an empty one says.
  settingValue<SetLinkTitle, Planned>(
    "link",
    ({ link }) => link,
    (page, index) => standing(page, index) ?? "",
    run,
  );

const inHtml = setting((page, index, value) => {
  const link = page.links[index];
  if (!link) return null;
  const { source } = page;
  const patches =
    value === "" ? removeAttribute(source, link.range, "title") : [setAttribute(source, link.range, "title", value)];
  return patched({ patches });
});

const inMarkdown = setting((page, index, value) => {
  const { start = 0, end = 0 } = page.links[index]?.range ?? {};
  const tail = linkTail(page.source.slice(start, end));
  if (!tail) return "The hint of this link stands elsewhere in the file, or it has none. Edit the source instead.";
  const title = value === "" ? "" : ` "${value.replace(/["\\]/g, "\\$&")}"`;
  const patch = { start: start + tail.index, end, text: `](${tail.to}${title})` };
  return patched(checked(page, { patches: [patch] }, null, (read) => (standing(read, index) ?? "") === value));
});

const nodes = ({ link }: SetLinkTitle) => [{ kind: "link" as const, key: link }];

export const setLinkTitle: Operation<SetLinkTitle> = {
  called: "link title",
  namesNode: true,
  schema: ({ key, value, nothing }) => ({ link: key.required(), value, was: nothing }),
  nodes,
  is: valueIn,
  isNothing: setsWhatWas,
  fromRow: (page, row) =>
    ofOnlyNode(page, "link", row.named, (key, index) => ({
      op: "set-link-title",
      link: key,
      value: row.is,
      was: standing(page, index),
    })),
  plan: { html: inHtml, markdown: inMarkdown },
  standing,
  carry: (edit, carrying) => carryNode(edit, { nodes, standing, besideName: true }, carrying),
  sample: (page, { value, ofEach }) =>
    ofEach(page.links, (i) =>
      value.map((one): SetLinkTitle => ({ op: "set-link-title", link: keyOf(page, "link", i), value: one, was: null })),
    ),
};
