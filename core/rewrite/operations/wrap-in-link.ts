import type { Page } from "../../page/page.ts";
import { withNode } from "../at-node.ts";
import { carryNode } from "../carry-node.ts";
import { inlineOf, insideOf } from "../content.ts";
import { notAllowedAt } from "../content-model.ts";
import { linksAsHanded } from "../handing.ts";
import { type InlineElement, pathsIn, readCharacters } from "../inline.ts";
import { checked, destination, textsOf } from "../markdown-blocks.ts";
import { escapeAttribute } from "../markup.ts";
import type { NodeKey } from "../node.ts";
import type { Patch } from "../patch.ts";
import { keyOf } from "../resolve.ts";
import { type Operation, type Planned, patched, type Shape, valueIn } from "./operation.ts";
import { notForHref } from "./set-link-href.ts";

/** Words of a block become a link; `was` are the words, `nth` which of several times they stand there, from 1. */
export interface WrapInLink extends Shape {
  op: "wrap-in-link";
  block: NodeKey;
  was: string;
  nth: number;
  /** Where it leads. */
  value: string;
}

/** Where the words stand in the block's text; -1 where they do not. */
function placeOf(text: string, { was, nth }: WrapInLink): number {
  let at = -1;
  for (let i = 0; i < nth; i++) {
    at = text.indexOf(was, at + 1);
    if (at < 0) return -1;
  }
  return at;
}

/** The stretch of the source that holds the words, where they can be wrapped. */
function stretchOf(page: Page, root: InlineElement | null, edit: WrapInLink): Patch | null | string {
  if (!root) return "Elements that begin in this text end outside it, or the other way round. Mend the source first.";
  const read = readCharacters(root);
  const at = placeOf(read.map(({ text }) => text).join(""), edit);
  const words = at < 0 ? [] : read.slice(at, at + edit.was.length);
  const [first, last] = [words[0], words.at(-1)];
  if (edit.was === "" || !first || !last) return `The words “${edit.was}” do not stand there any more.`;
  const paths = pathsIn(root);
  const linked = words.flatMap(({ parent }) => (paths.get(parent) ?? []).filter(({ name }) => name === "link"));
  if (linked.length > 0) {
    const there = linked.some(({ start }) =>
      page.links.some(({ href, range }) => range.start === start && href === edit.value.trim()),
    );
    return there ? null : "These words stand in a link already. Change that one instead.";
  }
  if (first.parent !== last.parent || first.text === " " || last.text === " ")
    return "The words begin in one element and end in another. Choose others.";
  const [start, end] = [first.places[0]?.start ?? 0, last.places.at(-1)?.end ?? 0];
  return { start, end, text: page.source.slice(start, end) };
}

const plan =
  (written: (words: string, href: string) => string) =>
  (page: Page, edit: WrapInLink): Planned => {
    const href = edit.value.trim();
    const wrong = notForHref(href);
    if (wrong) return wrong;
    return withNode(page, "block", edit.block, (index): Planned => {
      const block = page.blocks[index];
      const stretch = stretchOf(page, block ? inlineOf(page, insideOf(page, block)) : null, edit);
      if (stretch === null || typeof stretch === "string") return stretch;
      const wrong = page.format === "html" ? notAllowedAt(page, stretch.start, ["a"], stretch.text) : null;
      if (wrong) return wrong;
      const change = { patches: [{ ...stretch, text: written(stretch.text, href) }] };
      if (page.format === "html") return patched(change);
      const { length } = page.links;
      return patched(checked(page, change, textsOf(page), ({ links }) => links.length === length + 1));
    });
  };

const nodes = ({ block }: WrapInLink) => [{ kind: "block" as const, key: block }];
const standing = (page: Page, index: number) => page.blocks[index]?.text ?? "";

export const wrapInLink: Operation<WrapInLink> = {
  called: "link added",
  schema: ({ joi, key, value, text }) => ({
    block: key.required(),
    value,
    was: text.required(),
    nth: joi.number().integer().min(1).default(1),
  }),
  nodes,
  /** Several may be made of one block. */
  slot: ({ was, nth }) => `${nth} ${was}`,
  is: valueIn,
  plan: {
    html: plan((words, href) => `<a href="${escapeAttribute(href, '"')}">${words}</a>`),
    markdown: plan((words, href) => `[${words}](${destination(href)})`),
  },
  standing,
  carry: (edit, carrying) =>
    carryNode(edit, { nodes, standing, rebind: ({ was }, mine) => ({ ...mine, was }) }, carrying),
  takenOver: ({ value, was }, now, handing) =>
    linksAsHanded(now, handing, ({ href, text }) => href === value && text === was),
  sample: (page, { fc, ofEach }) => {
    const blocks = page.blocks
      .map((block, index) => ({ block, index }))
      .filter(({ block }) => /\p{L}/u.test(block.text));
    return ofEach(blocks, (_, { block, index }) =>
      fc.constantFrom(...(block.text.match(/\p{L}+/gu) ?? [])).map(
        (was): WrapInLink => ({
          op: "wrap-in-link",
          block: keyOf(page, "block", index),
          value: "/to?a=1&b",
          was,
          nth: 1,
        }),
      ),
    );
  },
};
