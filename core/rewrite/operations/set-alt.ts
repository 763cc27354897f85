import type { Page } from "../../page/page.ts";
import { settingValue } from "../at-node.ts";
import { carryNode } from "../carry-node.ts";
import { escapeMarkdown } from "../markdown.ts";
import { checked, WITHIN } from "../markdown-blocks.ts";
import { setAttribute } from "../markup.ts";
import type { NodeKey } from "../node.ts";
import { keyOf } from "../resolve.ts";
import { ofOnlyNode } from "../row.ts";
import { type Operation, type Planned, patched, type Shape, valueIn } from "./operation.ts";

/** A picture's alternative text; "" says that it is for looks only. */
export interface SetAlt extends Shape {
  op: "set-alt";
  picture: NodeKey;
  value: string;
  was: string | null;
}

const standing = (page: Page, index: number) => page.images[index]?.alt ?? null;
const setting = (run: (page: Page, index: number, value: string) => Planned) =>
  settingValue<SetAlt, Planned>("picture", ({ picture }) => picture, standing, run);

const inHtml = setting((page, index, value) => {
  const picture = page.images[index];
  return picture ? patched({ patches: [setAttribute(page.source, picture.range, "alt", value)] }) : null;
});

const inMarkdown = setting((page, index, value) => {
  const { start = 0, end = 0 } = page.images[index]?.range ?? {};
  const text = /^!\[((?:\\.|\[[^\]]*\]|[^\]\\])*)\]/s.exec(page.source.slice(start, end))?.[1];
  if (text === undefined) return WITHIN;
  const patch = { start: start + 2, end: start + 2 + text.length, text: escapeMarkdown(value) };
  return patched(checked(page, { patches: [patch] }, null, (read) => standing(read, index) === value));
});

const nodes = ({ picture }: SetAlt) => [{ kind: "picture" as const, key: picture }];

export const setAlt: Operation<SetAlt> = {
  called: "alternative text",
  namesNode: true,
  schema: ({ key, value, nothing }) => ({ picture: key.required(), value, was: nothing }),
  nodes,
  is: valueIn,
  // No text at all is something else than an empty one.
  isNothing: ({ value, was }) => value === was,
  fromRow: (page, row) =>
    ofOnlyNode(page, "picture", row.named, (key, index) => ({
      op: "set-alt",
      picture: key,
      value: row.is,
      was: standing(page, index),
    })),
  plan: { html: inHtml, markdown: inMarkdown },
  standing,
  carry: (edit, carrying) => carryNode(edit, { nodes, standing, besideName: true }, carrying),
  sample: (page, { value, ofEach }) =>
    ofEach(page.images, (i) =>
      value.map((one): SetAlt => ({ op: "set-alt", picture: keyOf(page, "picture", i), value: one, was: null })),
    ),
};
