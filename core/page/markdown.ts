import type { Definition, Heading as HeadingNode, Nodes, Root } from "mdast";
import { toString as textOf } from "mdast-util-to-string";
import { statedMeta } from "./fields.ts";
import { readFrontMatter, valuesOf } from "./front-matter.ts";
import { keyHeadings, plainHeading } from "./headings.ts";
import { markdownParsers } from "./load-markdown.ts";
import { tooMuch } from "./markdown-cost.ts";
import { textOfParts } from "./name.ts";
import {
  collapse,
  type ElementRange,
  type Heading,
  type HeadingPart,
  type Page,
  type Range,
  type TextBlock,
} from "./page.ts";

const placeOf = (node: Nodes) => ({
  start: node.position?.start.offset ?? 0,
  end: node.position?.end.offset ?? 0,
});

const elementRange = (node: Nodes) => {
  const { start, end } = placeOf(node);
  return { start, startEnd: start, endStart: end, end };
};

/** The texts of a heading with their places. */
function partsOf(node: Nodes, parts: HeadingPart[]): void {
  if (node.type === "text") parts.push({ kind: "text", text: node.value, range: placeOf(node) });
  else if (node.type === "inlineCode") {
    const { start, end } = placeOf(node);
    parts.push({ kind: "text", text: node.value, range: { start: start + 1, end: end - 1 } });
  } else if (node.type === "image") parts.push({ kind: "image", text: node.alt ?? "", range: placeOf(node) });
  else if (node.type === "break") parts.push({ kind: "break", text: "", range: placeOf(node) });
  else if ("children" in node) for (const child of node.children) partsOf(child, parts);
}

function readHeading(node: HeadingNode): Heading {
  const parts: HeadingPart[] = [];
  partsOf(node, parts);
  const { start, end } = placeOf(node);
  const startEnd = node.children[0]?.position?.start.offset ?? end;
  const endStart = node.children.at(-1)?.position?.end.offset ?? end;
  return plainHeading(node.depth, textOfParts(parts), parts, { start, startEnd, endStart, end });
}

const TAGS: Partial<Record<Nodes["type"], string>> = { paragraph: "p", tableCell: "td", code: "pre" };

/** What the walk carries: the nearest block's tag and the heading it stands under. */
interface Around {
  tag: string;
  heading: number;
  /** What moves and goes with a paragraph in it: the page's own paragraphs, list items of one; null for all else. */
  element: "own" | ElementRange | null;
  /** Where links and pictures by reference lead. */
  definitions: ReadonlyMap<string, Definition>;
}

function elementOf(node: Nodes, { element }: Around): ElementRange | null {
  if (element !== "own") return element;
  return node.type === "paragraph" || node.type === "heading" ? elementRange(node) : null;
}

function elementInside(node: Nodes): Around["element"] {
  if (node.type === "root") return "own";
  return node.type === "listItem" && node.children.length === 1 ? elementRange(node) : null;
}

/** A block of Markdown, which has no element of its own in the source. */
const plainBlock = (
  tag: string,
  text: string,
  heading: number,
  range: Range,
  element: ElementRange | null,
): TextBlock => ({
  tag,
  text,
  direction: null,
  landmark: null,
  heading,
  range,
  element,
  classNames: "",
  bold: false,
});

function walk(page: Page, node: Nodes, around: Around): void {
  if (node.type === "heading") {
    const heading = readHeading(node);
    around.heading = page.headings.push(heading) - 1;
    if (heading.text !== "") {
      heading.block = page.blocks.length;
      page.blocks.push(plainBlock(heading.tag, heading.text, around.heading, placeOf(node), elementOf(node, around)));
    }
  } else if (TAGS[node.type]) {
    const text = collapse(textOf(node));
    const tag = around.tag === "li" && node.type === "paragraph" ? "li" : (TAGS[node.type] ?? "p");
    if (text) page.blocks.push(plainBlock(tag, text, around.heading, placeOf(node), elementOf(node, around)));
  } else if (node.type === "list") {
    page.lists.push({
      ordered: node.ordered === true,
      items: node.children.length,
      landmark: null,
      range: elementRange(node),
    });
  } else if (node.type === "table") {
    page.tables.push({ rows: node.children.length, landmark: null, range: elementRange(node) });
  } else if (node.type === "link" || node.type === "linkReference") {
    const to = node.type === "link" ? node : around.definitions.get(node.identifier);
    page.links.push({
      href: to?.url ?? "",
      text: collapse(textOf(node)),
      title: to?.title ?? null,
      rel: null,
      landmark: null,
      silent: false,
      block: Math.max(0, page.blocks.length - 1),
      range: elementRange(node),
    });
  } else if (node.type === "image" || node.type === "imageReference") {
    const of = node.type === "image" ? node : around.definitions.get(node.identifier);
    page.images.push({
      src: of?.url ?? null,
      alt: node.alt ?? "",
      title: of?.title ?? null,
      width: null,
      height: null,
      inLink: false,
      link: -1,
      heading: -1,
      labelled: false,
      silent: false,
      landmark: null,
      range: elementRange(node),
    });
  }
  if (!("children" in node)) return;
  const inside = { ...around, ...(node.type === "listItem" && { tag: "li" }), element: elementInside(node) };
  for (const child of node.children) {
    walk(page, child, inside);
    around.heading = Math.max(around.heading, inside.heading);
  }
}

/** The tree of a Markdown file (CommonMark 0.31 with the extensions of GFM), with places in the source. */
export function treeOf(source: string): Root {
  if (last?.source !== source) {
    last = { source, tree: markdownParsers().markdownTree(source) };
  }
  return last.tree;
}

/** The tree that was made last: a change of a page asks for the same one again. */
let last: { source: string; tree: Root } | null = null;

/** The definitions of a file by their labels; of several the first counts (CommonMark 4.7). */
function definitionsIn(node: Nodes, found = new Map<string, Definition>()): Map<string, Definition> {
  if (node.type === "definition" && !found.has(node.identifier)) found.set(node.identifier, node);
  if ("children" in node) for (const child of node.children) definitionsIn(child, found);
  return found;
}

/** Reads Markdown (CommonMark with tables and the like) with YAML front matter. Never throws. */
export function readMarkdown(page: Page): Page {
  const front = readFrontMatter(page.source);
  if (front?.fault) return { ...page, fault: "front-matter", values: { fault: front.fault } };
  const values = front ? valuesOf(front) : {};
  const read: Page = { ...page, values };
  if (values.title !== undefined) read.titles = [{ text: collapse(values.title), where: "head", range: null }];
  if (values.description !== undefined) read.metas = [statedMeta("description", values.description)];
  if (values.canonical) {
    read.headLinks = [{ rel: ["canonical"], href: values.canonical, hreflang: null, where: "head", range: null }];
  }
  const language = values.lang ?? values.language;
  if (language) read.language = { value: language, range: { start: 0, end: 0 } };
  const much = tooMuch(page.source);
  if (much)
    return "deep" in much
      ? { ...read, fault: "nested-too-deep" }
      : { ...read, fault: "too-tangled", values: { ...values, fault: `${much.times} ${much.what}` } };
  const tree = treeOf(page.source);
  walk(read, tree, { tag: "p", heading: -1, element: "own", definitions: definitionsIn(tree) });
  keyHeadings(read.headings);
  return read;
}
