import type { Heading, HeadingKey, Page } from "../page/page.ts";
import type { NodeKey, NodeKind } from "./edits.ts";

/** A heading that was found again, or why it was not. */
export type Resolved = { index: number } | { reason: string };

const quote = (text: string) => `“${text.length > 60 ? `${text.slice(0, 57)}…` : text}”`;

/**
 * Finds the heading that a key names. A changed count of equal headings or other neighbours is a conflict: another heading
 * with the same text is never taken instead.
 */
export function findHeading(page: Page, key: HeadingKey): Resolved {
  const equal: number[] = [];
  page.headings.forEach((heading: Heading, i) => {
    if (heading.text === key.text) equal.push(i);
  });
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

/** What identifies each node of a kind: a block by its text, a picture by its address, a link by address and words. */
export function identities(page: Page, kind: Exclude<NodeKind, "heading">): string[] {
  if (kind === "block") return page.blocks.map(({ text }) => text.slice(0, NAMED_BY));
  if (kind === "picture") return page.images.map(({ src }) => (src ?? "").slice(0, NAMED_BY));
  return page.links.map(({ href, text }) => `${href} ${text}`.slice(0, NAMED_BY));
}

/** The key by which an edit finds a node of the original again. */
export function keyOf(page: Page, kind: NodeKind, index: number): NodeKey {
  if (kind === "heading") return page.headings[index]?.key ?? { text: "" };
  const all = identities(page, kind);
  const text = all[index] ?? "";
  return {
    text,
    nth: all.slice(0, index + 1).filter((one) => one === text).length,
    of: all.filter((one) => one === text).length,
    before: all[index - 1] ?? null,
    after: all[index + 1] ?? null,
  };
}

const NAMES: Record<NodeKind, string> = { heading: "heading", block: "text", picture: "picture", link: "link" };

/** Finds the node that a key names, as `findHeading` does: never another one that is equal. */
export function findNode(page: Page, kind: NodeKind, key: NodeKey): Resolved {
  if (kind === "heading") return findHeading(page, key);
  const all = identities(page, kind);
  const equal = [...all.keys()].filter((i) => all[i] === key.text);
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
    ((key.before !== undefined && key.before !== (all[index - 1] ?? null)) ||
      (key.after !== undefined && key.after !== (all[index + 1] ?? null)));
  if (moved) return { reason: `What stands around the ${what} has changed. Choose it again.` };
  return { index };
}
