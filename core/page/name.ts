import { type HiddenNames, hiddenFromListeners } from "./hidden.ts";
import { collapse, type HeadingPart, isBlank } from "./page.ts";
import { attribute, type ElementNode, type FragmentNode, type TreeNode } from "./parse.ts";

/** Elements whose edges part words (HTML 15.3, `display: block`). */
export const BLOCKS_INSIDE = new Set(
  "address article aside blockquote div dl fieldset figure footer form header hr li main nav ol p pre section table td th tr ul h1 h2 h3 h4 h5 h6".split(
    " ",
  ),
);

/** What the names of a page's elements depend on beside themselves. */
export interface Names {
  hidden: HiddenNames;
  /** The element of an id; for `aria-labelledby`. */
  byId(id: string): ElementNode | null;
  /** What elements that others are named by give them. */
  given: Map<ElementNode, string>;
}

/** Characters of a name that an element has from another: one long text may name thousands. */
export const MOST_GIVEN = 1_000;

export function namesOf(document: FragmentNode, hidden: HiddenNames): Names {
  let ids: Map<string, ElementNode> | null = null;
  const collect = (nodes: readonly TreeNode[], into: Map<string, ElementNode>) => {
    for (const node of nodes) {
      if (node.type !== "element") continue;
      const id = attribute(node, "id");
      if (id && !into.has(id)) into.set(id, node);
      collect(node.children, into);
    }
  };
  return {
    hidden,
    given: new Map(),
    byId(id) {
      if (!ids) {
        ids = new Map();
        collect(document.children, ids);
      }
      return ids.get(id) ?? null;
    },
  };
}

const SILENT = new Set(
  "script style template noscript title object iframe textarea select noembed noframes audio video".split(" "),
);

/**
 * What names an element whose name comes from its content (Accessible Name and Description Computation 1.2, steps 2B to
 * 2I), in parts with their places. Its own `title` counts where nothing else does and `hint` is set.
 */
export function nameParts(element: ElementNode, names: Names, hint = true): HeadingPart[] {
  const labelled = labelOf(element, names);
  const range = { start: element.start, end: element.startEnd };
  if (labelled) return [{ kind: "label", text: labelled, range }];
  const parts: HeadingPart[] = [];
  partsOf(element.children, names, parts);
  return hint ? orHint(element, parts, range) : parts;
}

/** Text that parts make when they are read out. */
export function textOfParts(parts: readonly HeadingPart[]): string {
  let text = "";
  for (const part of parts) text += part.kind === "break" ? " " : part.text;
  return collapse(text);
}

/** An element's name as a text; "" for none. */
export function nameOf(element: ElementNode, names: Names, hint = true): string {
  const [only, ...more] = element.children;
  // Most links and buttons hold a text and nothing else.
  if (only?.type === "text" && more.length === 0 && !isBlank(only.text) && labelOf(element, names) === "")
    return collapse(only.text);
  return textOfParts(nameParts(element, names, hint));
}

/** `aria-labelledby` (2B), then `aria-label` (2D); "" where neither names anything. */
export function labelOf(element: ElementNode, names: Names): string {
  if (element.attributes.length === 0) return "";
  const by = attribute(element, "aria-labelledby")?.trim();
  if (by) {
    const texts = by.split(/\s+/, MOST_GIVEN).map((id) => givenBy(names.byId(id), names));
    const text = collapse(texts.join(" ")).slice(0, MOST_GIVEN);
    if (text) return text;
  }
  return collapse(attribute(element, "aria-label") ?? "");
}

/** What an element gives another that it names. It may be hidden itself, and is not followed further. */
function givenBy(element: ElementNode | null, names: Names): string {
  if (!element) return "";
  let text = names.given.get(element);
  if (text === undefined) {
    text = attribute(element, "aria-label")?.trim() || native(element) || collapse(contentOf(element, names));
    text = text.slice(0, MOST_GIVEN);
    names.given.set(element, text);
  }
  return text;
}

function contentOf(element: ElementNode, names: Names): string {
  const parts: HeadingPart[] = [];
  partsOf(element.children, names, parts);
  return textOfParts(orHint(element, parts, { start: element.start, end: element.startEnd }));
}

/** What an element without words of its own is named by (2E); "" for none. */
function native(element: ElementNode): string {
  const { tag } = element;
  const type = tag === "input" ? attribute(element, "type")?.toLowerCase() : null;
  if (tag === "img" || tag === "area" || type === "image") {
    const alt = attribute(element, "alt");
    return alt ?? attribute(element, "title") ?? "";
  }
  if (tag !== "input") return "";
  return attribute(element, "value") ?? attribute(element, "title") ?? attribute(element, "placeholder") ?? "";
}

function orHint(element: ElementNode, parts: HeadingPart[], range: HeadingPart["range"]): HeadingPart[] {
  const hint = collapse(attribute(element, "title") ?? "");
  if (hint === "" || !isBlank(textOfParts(parts))) return parts;
  return [...parts, { kind: "label", text: hint, range }];
}

function partsOf(nodes: readonly TreeNode[], names: Names, parts: HeadingPart[]): void {
  for (const node of nodes) {
    if (node.type === "text")
      parts.push({ kind: "text", text: node.text, range: { start: node.start, end: node.end } });
    else if (node.type === "element") elementParts(node, names, parts);
  }
}

function elementParts(element: ElementNode, names: Names, parts: HeadingPart[]): void {
  const { tag } = element;
  if (SILENT.has(tag) && element.namespace.endsWith("xhtml")) return;
  if (hiddenFromListeners(element, names.hidden)) return;
  const range = { start: element.start, end: element.end };
  const label = labelOf(element, names);
  if (label) {
    parts.push({ kind: "label", text: label, range });
    return;
  }
  if (tag === "img" || tag === "input") {
    const image = tag === "img" || attribute(element, "type")?.toLowerCase() === "image";
    if (image) parts.push({ kind: "image", text: native(element), range });
    return;
  }
  if (tag === "svg") {
    parts.push({ kind: "image", text: drawnText(element), range });
    return;
  }
  const edge = tag === "br" || BLOCKS_INSIDE.has(tag);
  if (edge) parts.push({ kind: "break", text: "", range });
  // Straight into the list: what lies deep would else be copied by everything around it.
  const from = parts.length;
  partsOf(element.children, names, parts);
  if (attribute(element, "title")) for (const part of orHint(element, parts.splice(from), range)) parts.push(part);
  if (edge && tag !== "br") parts.push({ kind: "break", text: "", range });
}

/** A drawing's `title`, or the texts in it (SVG Accessibility API Mappings 1.0, 4.1). */
function drawnText(svg: ElementNode): string {
  const title = svg.children.find((child) => child.type === "element" && child.tag === "title");
  const text = title?.type === "element" ? textIn(title) : "";
  return collapse(text || textsDrawn(svg.children));
}

const textIn = (element: ElementNode): string =>
  element.children
    .map((child) => (child.type === "text" ? child.text : child.type === "element" ? textIn(child) : ""))
    .join("");

const textsDrawn = (nodes: readonly TreeNode[]): string =>
  nodes
    .map((node) =>
      node.type !== "element"
        ? ""
        : node.tag === "text"
          ? textIn(node)
          : node.tag === "defs" || node.tag === "style" || node.tag === "script"
            ? ""
            : textsDrawn(node.children),
    )
    .join(" ");
