import { BLOCKS_INSIDE, type Names, nameParts, textOfParts } from "./name.ts";
import type { Heading, HeadingKey, HeadingPart, LandmarkKind } from "./page.ts";
import { attribute, type ElementNode, type TreeNode } from "./parse.ts";
import { roleOf } from "./roles.ts";

const VOID = new Set("area base br col embed hr img input link meta source track wbr".split(" "));

/** A heading's level and where it is written; null where the element is no heading. ARIA 1.2, role `heading`. */
export function headingLevel(element: ElementNode): Pick<Heading, "level" | "levelFrom"> | null {
  const role = element.attributes.length > 0 ? roleOf(element) : null;
  const tagLevel = element.tag.length === 2 && /^h[1-6]$/.test(element.tag) ? Number(element.tag[1]) : null;
  if (role ? role !== "heading" : tagLevel === null) return null;
  const stated = attribute(element, "aria-level")?.trim();
  if (stated && /^[1-9][0-9]?$/.test(stated)) return { level: Number(stated), levelFrom: "aria-level" };
  return tagLevel === null ? { level: 2, levelFrom: "default" } : { level: tagLevel, levelFrom: "tag" };
}

interface Structure {
  balanced: boolean;
  phrasing: boolean;
  inner: { from: number; to: number };
}

/** Looks whether tags in a heading belong to each other, and whether a paragraph could hold all of it. */
function lookThrough(nodes: readonly TreeNode[], structure: Structure): void {
  const { from, to } = structure.inner;
  for (const node of nodes) {
    if (node.type !== "text" && node.type !== "element") continue;
    if (node.start < from || node.end > to) structure.balanced = false;
    if (node.type === "text") continue;
    if (node.endStart < 0 && !VOID.has(node.tag) && node.namespace.endsWith("xhtml")) structure.balanced = false;
    if (BLOCKS_INSIDE.has(node.tag)) structure.phrasing = false;
    if (node.tag === "script" || node.tag === "style" || node.tag === "template") continue;
    lookThrough(node.children, structure);
  }
}

/** Reads one heading element. Its key and block are filled in when all of the page has been read. */
export function readHeading(
  element: ElementNode,
  level: Pick<Heading, "level" | "levelFrom">,
  landmark: LandmarkKind | null,
  inComments: boolean,
  names: Names,
): Heading {
  const closed = element.endStart >= 0;
  const structure: Structure = {
    balanced: closed,
    phrasing: true,
    inner: { from: element.startEnd, to: closed ? element.endStart : element.end },
  };
  lookThrough(element.children, structure);
  const parts = nameParts(element, names);
  const text = textOfParts(parts);
  const { start, startEnd, endStart, end } = element;
  return {
    key: { text },
    ...level,
    text,
    parts,
    tag: element.tag,
    classNames: attribute(element, "class") ?? "",
    id: attribute(element, "id"),
    landmark,
    block: -1,
    nested: false,
    inComments,
    balanced: structure.balanced,
    phrasing: structure.phrasing,
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
