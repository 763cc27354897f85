import { diffArrays } from "diff";
import type { Nodes } from "mdast";
import { markdownParsers } from "../../page/load-markdown.ts";
import type { Page } from "../../page/page.ts";
import { type ElementNode, parseSource, type TreeNode } from "../../page/parse.ts";
import { withNode } from "../at-node.ts";
import { carryNode } from "../carry-node.ts";
import { contentOf, type Inside, insideOf, piecesOf, readInside, wordsOf } from "../content.ts";
import { anyChange } from "../content-change.ts";
import { notAllowedAt } from "../content-model.ts";
import { standsAsHanded } from "../handing.ts";
import { checked, textsOf } from "../markdown-blocks.ts";
import { escapeAttribute } from "../markup.ts";
import type { NodeKey } from "../node.ts";
import type { Patch } from "../patch.ts";
import { findNode, keyOf } from "../resolve.ts";
import { MOST_DIFFERENCES } from "../words-in-place.ts";
import { writeContent } from "../write-content.ts";
import { CHANGED, type Operation, type Planned, patched, type Shape, valueIn } from "./operation.ts";
import { notForHref } from "./set-link-href.ts";

/** The words of a block with the markup among them. `value` and `was` are source as it stands within the block's own tags. */
export interface SetBlockContent extends Shape {
  op: "set-block-content";
  block: NodeKey;
  value: string;
  was: string;
  /** The words of the value, as a page is read. */
  text: string;
}

/** Elements that may stand in any running text (HTML, phrasing content), and do nothing by themselves. */
const AMONG_WORDS = new Set(
  "a abbr b bdi bdo br cite code data del dfn em font i ins kbd mark q s samp small span strike strong sub sup time tt u var wbr".split(
    " ",
  ),
);

/** What an element may be changed in as a text is edited: what it is called, where it leads, and its names, which a copy loses. */
const CHANGEABLE = new Set(["alt", "title", "href", "id", "name"]);

/** The elements of a stretch of source, as the standard's parser reads them. */
function elementsIn({ format }: Page, source: string): ElementNode[] {
  const all: ElementNode[] = [];
  const walk = (nodes: readonly TreeNode[]) => {
    for (const node of nodes) {
      if (node.type !== "element") continue;
      all.push(node);
      walk(node.children);
    }
  };
  const body = parseSource(
    `<!doctype html><body><p>${format === "markdown" ? htmlIn(markdownParsers().markdownTree(source)) : source}`,
  ).document;
  walk(body.children);
  // What the parser makes by itself stands nowhere in the source.
  return all.filter(({ start, tag }) => start >= 0 && tag !== "body" && tag !== "p");
}

/** What is written as HTML in Markdown, and its links as HTML. */
function htmlIn(node: Nodes): string {
  if (node.type === "html") return node.value;
  const inside = "children" in node ? node.children.map(htmlIn).join("") : "";
  return node.type === "link" || node.type === "definition"
    ? `<a href="${escapeAttribute(node.url, '"')}">${inside}</a>`
    : inside;
}

/** An element without what it may be changed in. */
const kindOf = ({ tag, attributes }: ElementNode) =>
  JSON.stringify([tag, attributes.filter(({ name }) => !CHANGEABLE.has(name)).map(({ name, value }) => [name, value])]);

/** Why the markup of a source cannot take the place of what was there; null where it can. */
function foreign(page: Page, value: string, was: string): string | null {
  const before = elementsIn(page, was);
  const kinds = new Set(before.map(kindOf));
  const hrefs = new Set(before.map(({ attributes }) => attributes.find(({ name }) => name === "href")?.value));
  for (const element of elementsIn(page, value)) {
    const { tag, attributes } = element;
    const known = kinds.has(kindOf(element));
    if (!AMONG_WORDS.has(tag) && !known)
      return `A text like this cannot hold the element ${tag}. Take it out, or edit the source instead.`;
    if (!known && attributes.some(({ name }) => name.startsWith("on")))
      return "A text cannot run a script. Take it out.";
    const href = attributes.find(({ name }) => name === "href");
    const wrong = href && !hrefs.has(href.value) ? notForHref(href.value.trim()) : null;
    if (wrong) return wrong;
  }
  return null;
}

/** What a block's source would be as tokens; null where there is no such block. */
function insideWith(page: Page, index: number, value: string): Inside | string | null {
  const block = page.blocks[index];
  if (!block) return null;
  const { start } = insideOf(page, block);
  const changed: Page = { ...page, source: page.source.slice(0, start) + value, links: [], images: [] };
  const inside = readInside(changed, { start, end: start + value.length });
  return typeof inside === "string"
    ? "In this text a tag is not closed, or closes what was never opened. Mend it, then try again."
    : inside;
}

const PARTS = /<[^>]*>|\s+|[\p{L}\p{N}]+|./gsu;

/** What differs between two stretches of source, tag by tag and word by word. */
function differences(was: string, value: string, start: number): Patch[] {
  const parts = [was.match(PARTS) ?? [], value.match(PARTS) ?? []] as const;
  const found = diffArrays(...parts, { maxEditLength: MOST_DIFFERENCES });
  if (!found) return [{ start, end: start + was.length, text: value }];
  const patches: Patch[] = [];
  let at = start;
  let joined = false;
  for (const { value: parts, added, removed } of found) {
    const text = parts.join("");
    if (!added && !removed) {
      at += text.length;
      joined = false;
      continue;
    }
    let patch = patches.at(-1);
    if (!patch || !joined) {
      patch = { start: at, end: at, text: "" };
      patches.push(patch);
    }
    joined = true;
    if (added) patch.text += text;
    else {
      at += text.length;
      patch.end = at;
    }
  }
  return patches;
}

function plan(page: Page, edit: SetBlockContent): Planned {
  return withNode(page, "block", edit.block, (index): Planned => {
    const was = standing(page, index);
    if (was === edit.value) return null;
    if (was !== edit.was) return CHANGED;
    const block = page.blocks[index];
    if (!block) return null;
    const reason = foreign(page, edit.value, was);
    if (reason) return reason;
    const claims = insideOf(page, block);
    const change = { claims, patches: differences(was, edit.value, claims.start) };
    if (page.format === "markdown") {
      const texts = textsOf(page).with(index, edit.text);
      const same = (read: Page) =>
        read.blocks[index]?.tag === block.tag && read.headings.length === page.headings.length;
      return patched(checked(page, change, texts, same));
    }
    const wrong = notAllowedAt(page, claims.start, [], edit.value);
    if (wrong) return wrong;
    const inside = insideWith(page, index, edit.value);
    if (inside === null || typeof inside === "string") return inside;
    const words = wordsOf(piecesOf(page, inside));
    if (words !== edit.text)
      return `The markup reads “${words}”, not “${edit.text}”. One of the two has to be changed.`;
    return patched(change);
  });
}

const nodes = ({ block }: SetBlockContent) => [{ kind: "block" as const, key: block }];

/** A block's own source. */
export function standing(page: Page, index: number): string {
  const block = page.blocks[index];
  if (!block) return "";
  const { start, end } = insideOf(page, block);
  return page.source.slice(start, end);
}

export const setBlockContent: Operation<SetBlockContent> = {
  called: "text with its markup",
  schema: ({ key, value, text }) => ({ block: key.required(), value, was: text.required(), text: text.required() }),
  nodes,
  is: valueIn,
  isNothing: ({ value, was }) => value === was,
  renames: ({ text }) => text,
  fromRow: (page, row) => {
    const index = page.blocks.findIndex((_, i) => standing(page, i) === row.was);
    const inside = insideWith(page, index, row.is);
    if (!inside) return "No text of this page is marked up so any more.";
    if (typeof inside === "string") return inside;
    return {
      op: "set-block-content",
      block: keyOf(page, "block", index),
      value: row.is,
      was: row.was,
      text: wordsOf(piecesOf(page, inside)),
    };
  },
  plan: { html: plan, markdown: plan },
  standing,
  carry: (edit, carrying) => {
    const found = findNode(carrying.page, "block", edit.block);
    const now = "index" in found ? standing(carrying.page, found.index) : edit.was;
    if (now !== edit.was && now !== edit.value)
      return { conflict: { now, reason: CHANGED, mine: { ...edit, was: now } } };
    return carryNode(edit, { nodes, standing }, carrying);
  },
  takenOver: ({ value }, now, handing) =>
    standsAsHanded(now, handing, (page) => page.blocks.filter((_, index) => standing(page, index) === value).length),
  sample: (page, samples) => {
    const blocks = page.blocks.flatMap((_, index) => {
      const content = contentOf(page, index);
      return typeof content === "string" ? [] : [{ index, content }];
    });
    return samples.ofEach(blocks, (_, { index, content }) =>
      anyChange(samples).map((change): SetBlockContent => {
        const was = standing(page, index);
        const written = writeContent(page, index, change(content));
        const { value, text } =
          typeof written === "string" ? { value: was, text: page.blocks[index]?.text ?? "" } : written;
        return { op: "set-block-content", block: keyOf(page, "block", index), value, text, was };
      }),
    );
  },
};
