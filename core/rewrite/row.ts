import type { Page } from "../page/page.ts";
import type { NodeKey, NodeKind } from "./node.ts";
import { keyOf, placesNamed } from "./resolve.ts";

/** A row of a change list that somebody filled in. */
export interface Row {
  /** The node that it names; "" where its field names none. */
  named: string;
  was: string;
  is: string;
}

const NOUNS: Record<NodeKind, string> = { heading: "heading", block: "text", picture: "picture", link: "link" };

/** The one node of a page that a row can mean, by a text; the reason where there is none or more than one. */
function onlyNode(page: Page, kind: NodeKind, text: string): { key: NodeKey; index: number } | string {
  const found =
    kind === "heading"
      ? page.headings.flatMap((heading, i) => (heading.text === text ? [i] : []))
      : placesNamed(page, kind, text);
  const [index] = found;
  if (index === undefined) return `The ${NOUNS[kind]} “${text}” is not on this page.`;
  if (found.length > 1)
    return `The page has the ${NOUNS[kind]} “${text}” ${found.length} times. Say which in a file of edits.`;
  return { key: keyOf(page, kind, index), index };
}

/** The edit of the one node that a row can mean, made from its place among the page's; the reason where there is no such node. */
export function ofOnlyNode<E>(
  page: Page,
  kind: NodeKind,
  text: string,
  make: (key: NodeKey, index: number) => E,
): E | string {
  const found = onlyNode(page, kind, text);
  return typeof found === "string" ? found : make(found.key, found.index);
}

/** The one link with these words. */
export function onlyLink(page: Page, words: string): { key: NodeKey; index: number } | string {
  const found = page.links.flatMap(({ text }, index) => (text === words ? [index] : []));
  const [index] = found;
  if (index === undefined) return `The link “${words}” is not on this page.`;
  if (found.length > 1) return `The page has ${found.length} links “${words}”. Say which in a file of edits.`;
  return { key: keyOf(page, "link", index), index };
}
