import type { Page } from "../page/page.ts";
import { type ElementNode, parseSource, type TreeNode } from "../page/parse.ts";

// Content models of the HTML Living Standard, as far as edits can break them. Elements are named in section 4.

const words = (text: string): ReadonlySet<string> => new Set(text.split(" "));

const HEADINGS = words("h1 h2 h3 h4 h5 h6");
/** Flow content that is no phrasing content (3.2.5.2). */
const BLOCKS = words(
  "address article aside blockquote dd details dialog div dl dt fieldset figure footer form h1 h2 h3 h4 h5 h6 header hgroup hr li main menu nav ol p pre search section table ul",
);
/** Content that reacts to a press (3.2.5.2.7), and what an `a` may not hold (4.5.1). */
const INTERACTIVE = words("a button details embed iframe input label select textarea");
/** Elements that hold phrasing content alone. */
const PHRASING_ALONE = words(
  "abbr b bdi bdo button cite code data dfn em h1 h2 h3 h4 h5 h6 i kbd label mark output p pre q s samp small span strong sub sup time u var",
);
/** Elements that hold what their parent may hold (3.2.5.3). */
const TRANSPARENT = words("a ins del map noscript");
/** Elements in which no heading may be, at any depth (4.4.9, 4.9.10, 4.3.10). */
const NO_HEADING = words("dt th address");

const names: Readonly<Record<string, string>> = { a: "a link", th: "a heading cell", dt: "a term of a list" };
const nameOf = (tag: string) => names[tag] ?? `${/^[aeiou]/.test(tag) ? "an" : "a"} ${tag} element`;

/** Elements of a page's source that begin and end in it, in document order. Made once for a page. */
const trees = new WeakMap<Page, readonly ElementNode[]>();

function elementsOf(page: Page): readonly ElementNode[] {
  let elements = trees.get(page);
  if (!elements) {
    const found: ElementNode[] = [];
    const waiting: TreeNode[] = [...parseSource(page.source).document.children].reverse();
    for (let node = waiting.pop(); node; node = waiting.pop()) {
      if (node.type !== "element") continue;
      if (node.start >= 0) found.push(node);
      for (let i = node.children.length - 1; i >= 0; i--) waiting.push(node.children[i] as TreeNode);
    }
    elements = found;
    trees.set(page, elements);
  }
  return elements;
}

/** Tags of the elements around a place of the source, the innermost first; not of one that begins there. */
const around = (page: Page, place: number): string[] =>
  elementsOf(page)
    .filter(({ start, end }) => start < place && end > place)
    .map(({ tag }) => tag)
    .reverse();

/** Tags of the elements that a piece of source holds. */
const tagsIn = (html: string): string[] =>
  [...html.matchAll(/<([a-z][a-z0-9]*)/gi)].map(([, tag = ""]) => tag.toLowerCase());

/**
 * Why elements cannot stand at a place of the source; null where they can. What is wrong there already is not looked at.
 *
 * @param place Where the element begins beside which, or in whose stead, they are to stand; or a place in a text.
 * @param outer Tags of the elements themselves.
 * @param html Their source, for what is in them.
 */
export function notAllowedAt(page: Page, place: number, outer: readonly string[], html: string): string | null {
  const ancestors = around(page, place);
  const held = new Set([...outer, ...tagsIn(html)]);
  const isIn = (tags: ReadonlySet<string>) => [...held].find((tag) => tags.has(tag));
  const parent = ancestors.find((tag) => !TRANSPARENT.has(tag)) ?? "body";
  const block = outer.find((tag) => BLOCKS.has(tag));
  const heading = isIn(HEADINGS);
  if (parent === "hgroup" && outer.some((tag) => tag !== "p"))
    return "It would stand in an hgroup element, which holds one heading and paragraphs. Change it in the source.";
  if ((parent === "summary" || parent === "legend") && block && !HEADINGS.has(block)) return inside(block, parent);
  if (block && PHRASING_ALONE.has(parent)) return inside(block, parent);
  for (const tag of ancestors) {
    const pressed = tag === "a" || tag === "button" ? isIn(INTERACTIVE) : undefined;
    if (pressed) return inside(pressed, tag);
    if (heading && NO_HEADING.has(tag)) return inside(heading, tag);
    if ((tag === "form" || tag === "label") && held.has(tag)) return inside(tag, tag);
  }
  return null;
}

function inside(tag: string, within: string): string {
  const own = HEADINGS.has(tag) ? "A heading" : `${nameOf(tag).charAt(0).toUpperCase()}${nameOf(tag).slice(1)}`;
  return `${own} cannot stand in ${nameOf(within)}. Choose another place, or change it in the source.`;
}

/** True for the heading of an `hgroup`, which needs it (4.3.7). */
export const isOnlyHeading = (page: Page, place: number): boolean => around(page, place)[0] === "hgroup";
export const ONLY_HEADING = "It is the heading of an hgroup element, which needs one. Change it in the source.";
