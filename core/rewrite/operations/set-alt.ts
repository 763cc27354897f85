import type { Page } from "../../page/page.ts";
import { withNode } from "../at-node.ts";
import { carryNode } from "../carry-node.ts";
import { cleanValue } from "../clean-value.ts";
import { escapeMarkdown } from "../markdown.ts";
import { checked, WITHIN } from "../markdown-blocks.ts";
import { setAttribute } from "../markup.ts";
import type { NodeKey } from "../node.ts";
import { keyOf } from "../resolve.ts";
import { onlyNode } from "../row.ts";
import { type Operation, type Planned, patched, type Shape, valueIn } from "./operation.ts";

/** A picture's alternative text; "" says that it is for looks only. */
export interface SetAlt extends Shape {
  op: "set-alt";
  picture: NodeKey;
  value: string;
  was: string | null;
}

const inHtml = (page: Page, { picture: key, value: written }: SetAlt) =>
  withNode(page, "picture", key, (index): Planned => {
    const picture = page.images[index];
    const value = cleanValue(written);
    if (!picture || picture.alt === value) return null;
    return patched({ patches: [setAttribute(page.source, picture.range, "alt", value)] });
  });

const inMarkdown = (page: Page, { picture: key, value: written }: SetAlt) =>
  withNode(page, "picture", key, (index): Planned => {
    const picture = page.images[index];
    const value = cleanValue(written);
    if (!picture || picture.alt === value) return null;
    const { start, end } = picture.range;
    const text = /^!\[((?:\\.|\[[^\]]*\]|[^\]\\])*)\]/s.exec(page.source.slice(start, end))?.[1];
    if (text === undefined) return WITHIN;
    const patch = { start: start + 2, end: start + 2 + text.length, text: escapeMarkdown(value) };
    return patched(checked(page, { patches: [patch] }, null, (read) => read.images[index]?.alt === value));
  });

const nodes = ({ picture }: SetAlt) => [{ kind: "picture" as const, key: picture }];
const standing = (page: Page, index: number) => page.images[index]?.alt ?? null;

export const setAlt: Operation<SetAlt> = {
  called: "alternative text",
  namesNode: true,
  schema: ({ key, value, nothing }) => ({ picture: key.required(), value, was: nothing }),
  nodes,
  is: valueIn,
  // No text at all is something else than an empty one.
  isNothing: ({ value, was }) => value === was,
  fromRow(page, row) {
    const found = onlyNode(page, "picture", row.named);
    if (typeof found === "string") return found;
    return { op: "set-alt", picture: found.key, value: row.is, was: page.images[found.index]?.alt ?? null };
  },
  plan: { html: inHtml, markdown: inMarkdown },
  standing,
  carry: (edit, carrying) => carryNode(edit, { nodes, standing, besideName: true }, carrying),
  sample: (page, { value, ofEach }) =>
    ofEach(page.images, (i) =>
      value.map((one): SetAlt => ({ op: "set-alt", picture: keyOf(page, "picture", i), value: one, was: null })),
    ),
};
