import type { Heading as HeadingNode, Nodes, Root } from "mdast";
import { fromMarkdown } from "mdast-util-from-markdown";
import { frontmatterFromMarkdown } from "mdast-util-frontmatter";
import { gfmFromMarkdown } from "mdast-util-gfm";
import { toString as textOf } from "mdast-util-to-string";
import { frontmatter } from "micromark-extension-frontmatter";
import { gfm } from "micromark-extension-gfm";
import { statedMeta } from "./fields.ts";
import { readFrontMatter, valuesOf } from "./front-matter.ts";
import { keyHeadings, plainHeading, textOfParts } from "./headings.ts";
import { collapse, type Heading, type HeadingPart, type Page, type Range, type TextBlock } from "./page.ts";

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
}

/** A block of Markdown, which has no element of its own in the source. */
const plainBlock = (tag: string, text: string, heading: number, range: Range): TextBlock => ({
  tag,
  text,
  landmark: null,
  heading,
  range,
  element: null,
  classNames: "",
  bold: false,
});

function walk(page: Page, node: Nodes, around: Around): void {
  if (node.type === "heading") {
    const heading = readHeading(node);
    around.heading = page.headings.push(heading) - 1;
    if (heading.text !== "") {
      heading.block = page.blocks.length;
      page.blocks.push(plainBlock(heading.tag, heading.text, around.heading, placeOf(node)));
    }
  } else if (TAGS[node.type]) {
    const text = collapse(textOf(node));
    const tag = around.tag === "li" && node.type === "paragraph" ? "li" : (TAGS[node.type] ?? "p");
    if (text) page.blocks.push(plainBlock(tag, text, around.heading, placeOf(node)));
  } else if (node.type === "list") {
    page.lists.push({
      ordered: node.ordered === true,
      items: node.children.length,
      landmark: null,
      range: elementRange(node),
    });
  } else if (node.type === "table") {
    page.tables.push({ rows: node.children.length, landmark: null, range: elementRange(node) });
  } else if (node.type === "link") {
    const { url, title } = node;
    page.links.push({
      href: url,
      text: collapse(textOf(node)),
      title: title ?? null,
      rel: null,
      landmark: null,
      silent: false,
      block: Math.max(0, page.blocks.length - 1),
      range: elementRange(node),
    });
  } else if (node.type === "image") {
    page.images.push({
      src: node.url,
      alt: node.alt ?? "",
      title: node.title ?? null,
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
  const inside = node.type === "listItem" ? { ...around, tag: "li" } : around;
  for (const child of node.children) {
    walk(page, child, inside);
    around.heading = Math.max(around.heading, inside.heading);
  }
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
  const tree: Root = fromMarkdown(page.source, {
    extensions: [frontmatter("yaml"), gfm()],
    mdastExtensions: [frontmatterFromMarkdown("yaml"), gfmFromMarkdown()],
  });
  walk(read, tree, { tag: "p", heading: -1 });
  keyHeadings(read.headings);
  return read;
}
