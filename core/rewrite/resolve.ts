import type { Heading, HeadingKey, Page } from "../page/page.ts";
import type { NodeKey, NodeKind } from "./node.ts";

/** A heading that was found again, or why it was not. */
export type Resolved = { index: number } | { reason: string };

const quote = (text: string) => `“${text.length > 60 ? `${text.slice(0, 57)}…` : text}”`;

const byText = new WeakMap<readonly Heading[], Map<string, number[]>>();

/** Where each text stands among the headings. Made once for the same headings: a repair may ask thousands of times. */
function headingsByText(headings: readonly Heading[]): Map<string, number[]> {
  let known = byText.get(headings);
  if (!known) {
    known = new Map();
    for (const [i, { text }] of headings.entries()) {
      const list = known.get(text);
      if (list) list.push(i);
      else known.set(text, [i]);
    }
    byText.set(headings, known);
  }
  return known;
}

/**
 * Finds the heading that a key names. A changed count of equal headings or other neighbours is a conflict: another heading
 * with the same text is never taken instead.
 */
export function findHeading(page: Page, key: HeadingKey): Resolved {
  const equal = headingsByText(page.headings).get(key.text) ?? [];
  if (equal.length === 0) return { reason: `The heading ${quote(key.text)} is not on this page.` };
  if (key.of !== undefined && key.of !== equal.length) {
    return {
      reason: `The page has ${equal.length} headings ${quote(key.text)}; there were ${key.of}. Choose the heading again.`,
    };
  }
  if (key.nth === undefined && equal.length > 1) {
    return { reason: `The page has ${equal.length} headings ${quote(key.text)}. Say which with "nth" and "of".` };
  }
  const index = equal[(key.nth ?? 1) - 1];
  if (index === undefined) return { reason: `There is no ${key.nth}. heading ${quote(key.text)} on this page.` };
  const { before, after } = page.headings[index]?.key ?? {};
  const moved = (key.before !== undefined && key.before !== before) || (key.after !== undefined && key.after !== after);
  if (moved) return { reason: `The headings around ${quote(key.text)} have changed. Choose the heading again.` };
  return { index };
}

/** Longest text that names a node, in UTF-16 code units. */
const NAMED_BY = 160;

const LISTS = { block: "blocks", picture: "images", link: "links" } as const;
type Listed = Exclude<NodeKind, "heading">;

/** The texts that identify the nodes of one kind, and where each text stands. */
interface Index {
  texts: string[];
  places: Map<string, number[]>;
}

const indexes = new WeakMap<object, Index>();

/** Made once for the same nodes: many edits and fixes ask for it. */
function indexOf(page: Page, kind: Listed): Index {
  let index = indexes.get(page[LISTS[kind]]);
  if (!index) {
    const texts = page[LISTS[kind]].map((_, i) => identity(fullTextOf(page, kind, i)));
    const places = new Map<string, number[]>();
    texts.forEach((text, i) => {
      const list = places.get(text);
      if (list) list.push(i);
      else places.set(text, [i]);
    });
    index = { texts, places };
    indexes.set(page[LISTS[kind]], index);
  }
  return index;
}

/** What identifies a node, in full: a block's text, a picture's address, a link's address and words. */
function fullTextOf(page: Page, kind: Listed, index: number): string {
  if (kind === "block") return page.blocks[index]?.text ?? "";
  if (kind === "picture") return page.images[index]?.src ?? "";
  const link = page.links[index];
  return link ? `${link.href} ${link.text}` : "";
}

/**
 * The places of the nodes that a text names. Keys hold at most `NAMED_BY` code units of it; a longer text, which somebody has
 * written out, names the nodes that have all of it.
 */
export function placesNamed(page: Page, kind: Listed, text: string): readonly number[] {
  const named = indexOf(page, kind).places.get(identity(text)) ?? [];
  return text.length <= NAMED_BY ? named : named.filter((i) => fullTextOf(page, kind, i) === text);
}

/** As much of a text as names a node. */
export const identity = (text: string) => text.slice(0, NAMED_BY);

const cut = (text: string | null) => (text === null ? null : identity(text));

/** What identifies each node of a kind: a block by its text, a picture by its address, a link by address and words. */
export const identities = (page: Page, kind: Listed): readonly string[] => indexOf(page, kind).texts;

/** The key by which an edit finds a node of the original again. */
export function keyOf(page: Page, kind: NodeKind, index: number): NodeKey {
  if (kind === "heading") return page.headings[index]?.key ?? { text: "" };
  const { texts, places } = indexOf(page, kind);
  const text = texts[index] ?? "";
  const equal = places.get(text) ?? [];
  return {
    text,
    nth: equal.indexOf(index) + 1,
    of: equal.length,
    before: texts[index - 1] ?? null,
    after: texts[index + 1] ?? null,
  };
}

const NAMES: Record<NodeKind, string> = { heading: "heading", block: "text", picture: "picture", link: "link" };

/** Finds the node that a key names, as `findHeading` does: never another one that is equal. */
export function findNode(page: Page, kind: NodeKind, key: NodeKey): Resolved {
  if (kind === "heading") return findHeading(page, key);
  const { texts: all } = indexOf(page, kind);
  const equal = placesNamed(page, kind, key.text);
  const what = `${NAMES[kind]} ${quote(key.text)}`;
  if (equal.length === 0) return { reason: `The ${what} is not on this page.` };
  if (key.of !== undefined && key.of !== equal.length)
    return { reason: `The page has the ${what} ${equal.length} times; it had it ${key.of} times. Choose it again.` };
  if (key.nth === undefined && equal.length > 1)
    return { reason: `The page has the ${what} ${equal.length} times. Say which with "nth" and "of".` };
  const index = equal[(key.nth ?? 1) - 1];
  if (index === undefined) return { reason: `There is no ${key.nth}. ${what} on this page.` };
  const moved =
    equal.length > 1 &&
    ((key.before !== undefined && cut(key.before) !== (all[index - 1] ?? null)) ||
      (key.after !== undefined && cut(key.after) !== (all[index + 1] ?? null)));
  if (moved) return { reason: `What stands around the ${what} has changed. Choose it again.` };
  return { index };
}
