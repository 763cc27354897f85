import { collapse, type Heading, type HeadingKey, type HeadingPart, type LandmarkKind } from "./page.ts";
import { attribute, type ElementNode, type TreeNode } from "./parse.ts";

const BLOCKS_INSIDE = new Set(["address", "article", "aside", "blockquote", "div", "dl", "fieldset", "figure", "form"]);
for (const tag of "footer header hr li main nav ol p pre section table td th tr ul".split(" ")) BLOCKS_INSIDE.add(tag);

const VOID = new Set("area base br col embed hr img input link meta source track wbr".split(" "));

/** A heading's level and where it is written; null where the element is no heading. ARIA 1.2, role `heading`. */
export function headingLevel(element: ElementNode): Pick<Heading, "level" | "levelFrom"> | null {
  const role = attribute(element, "role")?.trim().toLowerCase().split(/\s+/)[0];
  const tagLevel = /^h[1-6]$/.test(element.tag) ? Number(element.tag[1]) : null;
  if (role ? role !== "heading" : tagLevel === null) return null;
  const stated = attribute(element, "aria-level")?.trim();
  if (stated && /^[1-9][0-9]?$/.test(stated)) return { level: Number(stated), levelFrom: "aria-level" };
  return tagLevel === null ? { level: 2, levelFrom: "default" } : { level: tagLevel, levelFrom: "tag" };
}

/** Whether assistive technology is told to pass over the element. */
export function hiddenFromListeners(element: ElementNode): boolean {
  return attribute(element, "aria-hidden")?.trim() === "true" || hiddenFromAll(element);
}

const HIDING_STYLE = /(?:^|;)\s*(?:display\s*:\s*none|visibility\s*:\s*hidden)\b/i;

/** Whether the element's own attributes keep it from being shown. What style sheets do cannot be seen here. */
export function hiddenFromAll(element: ElementNode): boolean {
  if (attribute(element, "hidden") !== null) return attribute(element, "hidden") !== "until-found";
  const style = attribute(element, "style");
  return style !== null && HIDING_STYLE.test(style);
}

/** The text that parts make when they are read out. */
export function textOfParts(parts: readonly HeadingPart[]): string {
  let text = "";
  for (const part of parts) text += part.kind === "break" ? " " : part.text;
  return collapse(text);
}

interface Reading {
  parts: HeadingPart[];
  balanced: boolean;
  phrasing: boolean;
  inner: { from: number; to: number };
}

function readParts(nodes: readonly TreeNode[], reading: Reading): void {
  for (const node of nodes) {
    if (node.type === "text") {
      const range = { start: node.start, end: node.end };
      if (node.start < reading.inner.from || node.end > reading.inner.to) reading.balanced = false;
      reading.parts.push({ kind: "text", text: node.text, range });
    }
    if (node.type === "element") readElement(node, reading);
  }
}

function readElement(element: ElementNode, reading: Reading): void {
  const { inner, parts } = reading;
  const range = { start: element.start, end: element.end };
  const outside = element.start < inner.from || element.end > inner.to;
  const unclosed = element.endStart < 0 && !VOID.has(element.tag) && element.namespace.endsWith("xhtml");
  if (outside || unclosed) reading.balanced = false;
  if (BLOCKS_INSIDE.has(element.tag) || /^h[1-6]$/.test(element.tag)) reading.phrasing = false;
  if (element.tag === "script" || element.tag === "style" || element.tag === "template") return;
  if (element.tag === "noscript" || hiddenFromListeners(element)) {
    return;
  }
  const label = attribute(element, "aria-label")?.trim();
  if (label) {
    parts.push({ kind: "label", text: label, range });
    return;
  }
  if (element.tag === "img" || (element.tag === "input" && attribute(element, "type") === "image")) {
    parts.push({ kind: "image", text: attribute(element, "alt") ?? "", range });
    return;
  }
  if (element.tag === "svg") {
    const title = element.children.find((c): c is ElementNode => c.type === "element" && c.tag === "title");
    const text = title?.children.map((c) => (c.type === "text" ? c.text : "")).join("") ?? "";
    parts.push({ kind: "image", text, range });
    return;
  }
  const edge = element.tag === "br" || BLOCKS_INSIDE.has(element.tag);
  if (edge) parts.push({ kind: "break", text: "", range });
  readParts(element.children, reading);
  if (edge && element.tag !== "br") parts.push({ kind: "break", text: "", range });
}

/** Reads one heading element. Its key and block are filled in when all of the page has been read. */
export function readHeading(
  element: ElementNode,
  level: Pick<Heading, "level" | "levelFrom">,
  landmark: LandmarkKind | null,
  inComments: boolean,
): Heading {
  const closed = element.endStart >= 0;
  const reading: Reading = {
    parts: [],
    balanced: closed,
    phrasing: true,
    inner: { from: element.startEnd, to: closed ? element.endStart : element.end },
  };
  const label = attribute(element, "aria-label")?.trim();
  if (label) reading.parts.push({ kind: "label", text: label, range: { start: element.start, end: element.startEnd } });
  else readParts(element.children, reading);
  const text = textOfParts(reading.parts);
  const { start, startEnd, endStart, end } = element;
  return {
    key: { text },
    ...level,
    text,
    parts: reading.parts,
    tag: element.tag,
    classNames: attribute(element, "class") ?? "",
    id: attribute(element, "id"),
    landmark,
    block: -1,
    nested: false,
    inComments,
    balanced: reading.balanced,
    phrasing: reading.phrasing,
    range: { start, startEnd, endStart, end },
  };
}

/** Gives every heading the key by which an edit finds it again. */
export function keyHeadings(headings: Heading[]): void {
  const total = new Map<string, number>();
  for (const { text } of headings) total.set(text, (total.get(text) ?? 0) + 1);
  const seen = new Map<string, number>();
  headings.forEach((heading, i) => {
    const { text, id } = heading;
    const nth = (seen.get(text) ?? 0) + 1;
    seen.set(text, nth);
    const key: HeadingKey = { text, nth, of: total.get(text) ?? 1 };
    if (id) key.id = id;
    key.before = headings[i - 1]?.text ?? null;
    key.after = headings[i + 1]?.text ?? null;
    heading.key = key;
  });
}

/** A heading of plain text, as Markdown and spreadsheets have them. */
export function plainHeading(
  level: number,
  text: string,
  parts: HeadingPart[] = [],
  range: Heading["range"] = { start: 0, startEnd: 0, endStart: 0, end: 0 },
): Heading {
  return {
    key: { text },
    level,
    text,
    parts,
    tag: `h${level}`,
    levelFrom: "tag",
    classNames: "",
    id: null,
    landmark: null,
    block: -1,
    nested: false,
    inComments: false,
    balanced: true,
    phrasing: true,
    range,
  };
}
