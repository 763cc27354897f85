import { attribute, type ElementNode, type FragmentNode, type TreeNode } from "./parse.ts";

/** Ids and classes that the page's own style elements take off the screen, as `#id` and `.class`. */
export type HiddenNames = ReadonlySet<string>;

const NOTHING: HiddenNames = new Set();
const NOT_SHOWN = /(?:^|;)\s*(?:display\s*:\s*none|visibility\s*:\s*hidden)\b/i;

/**
 * Names that a plain rule of a style element hides, where that is sure: the selector is the name alone, the rule holds on
 * every screen, and no other rule of the page speaks of that name's display.
 */
export function hiddenNames(document: FragmentNode, source: string): HiddenNames {
  if (!/<style[\s>]/i.test(source) || !/display\s*:\s*none|visibility\s*:\s*hidden/i.test(source)) return NOTHING;
  const sheets: string[] = [];
  const collect = (nodes: readonly TreeNode[]) => {
    for (const node of nodes) {
      if (node.type !== "element") continue;
      if (node.tag === "style") {
        const media = attribute(node, "media")?.trim().toLowerCase() ?? "";
        if (media === "" || media === "all" || media === "screen")
          sheets.push(node.children.map((child) => (child.type === "text" ? child.text : "")).join(""));
      } else collect(node.children);
    }
  };
  collect(document.children);
  const hidden = new Set<string>();
  const spoken = new Map<string, number>();
  for (const { selectors, declarations, always } of sheets.map(withoutComments).flatMap(rulesOf)) {
    if (!/(?:^|[\s;])(?:display|visibility)\s*:/i.test(declarations)) continue;
    for (const selector of selectors.split(","))
      for (const [name] of selector.matchAll(/[#.][\w-]+/g)) {
        spoken.set(name, (spoken.get(name) ?? 0) + 1);
        if (always && selector.trim() === name && NOT_SHOWN.test(declarations)) hidden.add(name);
      }
  }
  for (const name of hidden) if ((spoken.get(name) ?? 0) > 1) hidden.delete(name);
  return hidden;
}

interface StyleRule {
  selectors: string;
  declarations: string;
  /** Outside of at-rules that hold for some screens only. */
  always: boolean;
}

/** The rules of a style sheet, as far as braces tell them: from one brace to the next, in one pass. */
function rulesOf(sheet: string): StyleRule[] {
  const rules: StyleRule[] = [];
  let depth = 0;
  /** What stands before the brace that is open; null where nothing can be a rule's selectors. */
  let selectors: string | null = null;
  let before = 0;
  for (const { 0: sign, index } of sheet.matchAll(/[{};]/g)) {
    // A semicolon within a rule parts its declarations.
    if (sign === ";" && selectors !== null) continue;
    const text = sheet.slice(before, index);
    before = index + 1;
    if (sign === "{") {
      if (selectors !== null) depth++;
      selectors = text;
    } else if (sign === "}") {
      if (selectors === null) depth--;
      else rules.push({ selectors: selectors.trim(), declarations: text, always: depth === 0 });
      selectors = null;
    }
  }
  return rules;
}

/** A style sheet without its comments. */
function withoutComments(sheet: string): string {
  let text = "";
  let at = 0;
  for (let start = sheet.indexOf("/*"); start >= 0; start = sheet.indexOf("/*", at)) {
    const end = sheet.indexOf("*/", start + 2);
    text += `${sheet.slice(at, start)} `;
    at = end < 0 ? sheet.length : end + 2;
  }
  return text + sheet.slice(at);
}

/** Whether an element's attributes, or the page's own styles for its id or class, keep it from being shown. */
export function hiddenFromAll(element: ElementNode, names: HiddenNames): boolean {
  if (element.attributes.length === 0) return element.tag === "dialog";
  const hidden = attribute(element, "hidden");
  if (hidden !== null) return hidden !== "until-found";
  if (element.tag === "dialog" && attribute(element, "open") === null) return true;
  const style = attribute(element, "style");
  if (style !== null && NOT_SHOWN.test(style)) return true;
  if (names.size === 0 || /(?:^|[\s;])display\s*:/i.test(style ?? "")) return false;
  const id = attribute(element, "id");
  if (id && names.has(`#${id}`)) return true;
  const classes = attribute(element, "class");
  return classes?.split(/\s+/).some((one) => names.has(`.${one}`)) ?? false;
}

/** Whether an element's attributes keep it from assistive technology, though it may be shown. */
export function isSilenced(element: ElementNode): boolean {
  return attribute(element, "aria-hidden")?.trim() === "true" || attribute(element, "inert") !== null;
}

/** Whether assistive technology is told to pass over the element. */
export function hiddenFromListeners(element: ElementNode, names: HiddenNames): boolean {
  return isSilenced(element) || hiddenFromAll(element, names);
}
