import { languageOf, type Page } from "../../page/page.ts";
import { withNode } from "../at-node.ts";
import { carryNode } from "../carry-node.ts";
import { cleanValue } from "../clean-value.ts";
import { inlineOf, insideOf } from "../content.ts";
import { blocksAsHanded } from "../handing.ts";
import { escapeMarkdown } from "../markdown.ts";
import { checked, textsOf } from "../markdown-blocks.ts";
import { escapeText } from "../markup.ts";
import type { NodeKey } from "../node.ts";
import { keyOf } from "../resolve.ts";
import { ofOnlyNode } from "../row.ts";
import { changeWords, EMPTIED } from "../words-in-place.ts";
import { type Operation, type Planned, patched, type Shape, setsWhatWas, valueIn } from "./operation.ts";

/** `plain`: all words go to one place, and markup that has none left goes with them. */
export interface SetBlockText extends Shape {
  op: "set-block-text";
  block: NodeKey;
  value: string;
  was: string;
  plain?: true;
}

function inHtml(page: Page, edit: SetBlockText): Planned {
  return withNode(page, "block", edit.block, (index): Planned => {
    const block = page.blocks[index];
    const value = cleanValue(edit.value);
    if (!block) return null;
    if (value === "") return EMPTIED;
    const write = { language: languageOf(page), source: page.source, write: escapeText };
    return patched(
      changeWords(inlineOf(page, insideOf(page, block)), {
        ...write,
        was: block.text,
        value,
        what: "text",
        plain: edit.plain ?? false,
      }),
    );
  });
}

function inMarkdown(page: Page, edit: SetBlockText): Planned {
  return withNode(page, "block", edit.block, (index): Planned => {
    const block = page.blocks[index];
    const value = cleanValue(edit.value);
    if (!block) return null;
    if (value === "") return EMPTIED;
    const write = { language: languageOf(page), source: page.source, write: escapeMarkdown };
    const words = { ...write, was: block.text, value, what: "text", plain: edit.plain ?? false };
    return patched(
      checked(page, changeWords(inlineOf(page, insideOf(page, block)), words), textsOf(page).with(index, value)),
    );
  });
}

const nodes = ({ block }: SetBlockText) => [{ kind: "block" as const, key: block }];
const standing = (page: Page, index: number) => page.blocks[index]?.text ?? "";

export const setBlockText: Operation<SetBlockText> = {
  called: "text",
  schema: ({ joi, key, value, text }) => ({
    block: key.required(),
    value,
    was: text.default(""),
    plain: joi.valid(true),
  }),
  nodes,
  is: valueIn,
  renames: valueIn,
  isNothing: setsWhatWas,
  fromRow: (page, row) =>
    ofOnlyNode(page, "block", row.was, (key, index) => ({
      op: "set-block-text",
      block: key,
      value: row.is,
      was: page.blocks[index]?.text ?? "",
    })),
  plan: { html: inHtml, markdown: inMarkdown },
  standing,
  carry: (edit, carrying) => carryNode(edit, { nodes, standing }, carrying),
  takenOver: ({ value }, now, handing) => blocksAsHanded(now, handing, value),
  sample: (page, { fc, word, ofEach }) =>
    ofEach(page.blocks, (i, { text }) =>
      fc.tuple(word, fc.double({ min: 0, max: 1, noNaN: true })).map(([one, at]): SetBlockText => {
        const place = Math.floor(text.length * at);
        const value = text.slice(0, place) + one + text.slice(place + 3);
        return { op: "set-block-text", block: keyOf(page, "block", i), value, was: text };
      }),
    ),
};
