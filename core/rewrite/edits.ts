import type { HeadingKey } from "../page/page.ts";
import type { Evidence } from "../structured-data/evidence.ts";
import { sameBlock } from "../structured-data/patch-json.ts";

/** Names a block, picture or link in the original as a heading's key does; the text is what identifies it there. */
export type NodeKey = HeadingKey;

/**
 * One change to a page, small and serialisable. `was` is what it replaces, as it stood in the original; null where there
 * was nothing. A title or description with a `pattern` follows it: `value` is what it last made. A redraft holds at most one edit for a node and field.
 */
export type Edit =
  | { op: "set-title"; value: string; was: string | null; pattern?: string }
  | { op: "set-description"; value: string; was: string | null; pattern?: string }
  | { op: "set-canonical"; value: string; was: string | null }
  /** The last segment of the address. Changes the address and the change list, not the source. */
  | { op: "set-slug"; value: string; was: string | null }
  | { op: "set-heading-level"; heading: HeadingKey; level: number; was: number }
  | { op: "set-heading-text"; heading: HeadingKey; value: string; was: string }
  /** The heading becomes a paragraph, or a `div`, with what it holds; an empty one is taken out. */
  | { op: "remove-heading"; heading: HeadingKey; was: string; as?: "div" }
  | BodyEdit
  | HeadEdit;

/** Edits of the body: the source is patched and read again. */
export type BodyEdit =
  /** A block becomes a heading with what it holds. */
  | { op: "make-heading"; block: NodeKey; level: number; was: string }
  /** Headings that stand beside each other become one of several parts. */
  | { op: "merge-headings"; headings: HeadingKey[]; separator: string; level: number; was: string }
  /** A heading's `id`, for links that lead to it. */
  | { op: "set-heading-id"; heading: HeadingKey; value: string; was: string | null }
  /** `plain`: all words go to one place, and markup that has none left goes with them. */
  | { op: "set-block-text"; block: NodeKey; value: string; was: string; plain?: true }
  | { op: "remove-block"; block: NodeKey; was: string }
  | { op: "move-block"; block: NodeKey; to: NodeKey; before: boolean; was: string }
  /** New blocks before or behind one that is there. `id` tells several at one place apart. */
  | { op: "insert-blocks"; id: string; at: NodeKey; before: boolean; blocks: NewBlock[]; was: null }
  /** Whatever else somebody writes into the source, found again by what stands before and behind it. */
  | { op: "edit-source"; id: string; before: string; after: string; value: string; was: string }
  | { op: "set-alt"; picture: NodeKey; value: string; was: string | null }
  | { op: "set-link-text"; link: NodeKey; value: string; was: string }
  | { op: "set-link-title"; link: NodeKey; value: string; was: string | null };

/** A block that a redraft adds: plain text in one element, or a list of links. */
export interface NewBlock {
  tag: "p" | "li" | "h1" | "h2" | "h3" | "h4" | "h5" | "h6" | "links";
  text: string;
  /** For `links`: where each leads, and its words. */
  links?: { href: string; text: string }[];
}

/** Edits of the head beside title, description and canonical. */
export type HeadEdit =
  | { op: "set-language" | "set-robots" | "set-keywords" | "set-viewport"; value: string; was: string | null }
  /** Elements that only the head may hold, such as an ownership code. */
  | { op: "add-to-head"; id: string; value: string; was: null }
  /** Microdata and RDFa are taken out of the markup; `was` names what they said. */
  | { op: "remove-markup-data"; value: ""; was: string }
  /**
   * The text of a JSON-LD script element; "" takes the element out, and where there was none one is added to the head. Of
   * several that say the same all are changed alike; with `of`, how many there were, one of them is taken out.
   */
  | { op: "set-data"; id: string; value: string; was: string | null; evidence?: Evidence[]; of?: number };

/** An edit that was not carried out, and why, in words for the editor. */
export interface Refusal {
  edit: Edit;
  reason: string;
}

/** The nodes that an edit is bound to, by kind. */
export function nodesOf(edit: Edit): { kind: NodeKind; key: NodeKey }[] {
  if ("heading" in edit) return [{ kind: "heading", key: edit.heading }];
  if ("headings" in edit) return Array.from(edit.headings, (key) => ({ kind: "heading", key }));
  if ("block" in edit) {
    const own = { kind: "block" as const, key: edit.block };
    return edit.op === "move-block" ? [own, { kind: "block", key: edit.to }] : [own];
  }
  if ("at" in edit) return [{ kind: "block", key: edit.at }];
  if ("picture" in edit) return [{ kind: "picture", key: edit.picture }];
  return "link" in edit ? [{ kind: "link", key: edit.link }] : [];
}

export type NodeKind = "heading" | "block" | "picture" | "link";

function nodeOf(edit: Edit): string {
  if ("id" in edit) return edit.id;
  const [first] = nodesOf(edit);
  if (!first) return "";
  const { text, id, nth, of, before, after } = first.key;
  return JSON.stringify([text, id, nth, of, before, after]);
}

/** The same for two edits exactly where they change the same field of the same node. */
export function slotOf(edit: Edit): string {
  return `${edit.op} ${nodeOf(edit)}`;
}

/** The value an edit sets, as text for lists and spreadsheets. */
export function newValueOf(edit: Edit): string {
  switch (edit.op) {
    case "set-heading-level":
    case "make-heading":
      return `H${edit.level}`;
    case "remove-heading":
    case "remove-block":
      return "";
    case "merge-headings":
      return `H${edit.level}: ${Array.from(edit.headings, ({ text }) => text).join(edit.separator)}`;
    case "move-block":
      return `${edit.before ? "before" : "behind"}: ${edit.to.text}`;
    case "insert-blocks":
      return edit.blocks
        .map(({ text, links = [] }) => [text, ...links.map((link) => link.text)].join(" ").trim())
        .join("\n");
    default:
      return edit.value;
  }
}

/** What an edit replaces, as text for lists and spreadsheets. */
export function wasOf(edit: Edit): string {
  return edit.op === "set-heading-level" ? `H${edit.was}` : (edit.was ?? "");
}

/** Whether an edit sets what was there already, so that it need not be kept. */
export function changesNothing(edit: Edit): boolean {
  return "value" in edit || edit.op === "set-heading-level"
    ? newValueOf(edit) === wasOf(edit) && !(edit.was === null && edit.op === "set-alt")
    : false;
}

/**
 * A redraft with one more edit: it takes the place of an earlier one for the same node and field, keeping what that one
 * replaced; an edit that sets the original's own value removes it.
 */
export function withEdit(edits: readonly Edit[], edit: Edit): Edit[] {
  const earlier = edits.find((e) => slotOf(e) === slotOf(edit) || rewrites(edit, e));
  const bound = earlier ? takenOver(edit, earlier) : edit;
  const slot = slotOf(bound);
  const rest = edits.filter((e) => slotOf(e) !== slot);
  // Once a node is removed or has become another, its other edits are no more.
  const ends = edit.op === "remove-heading" || edit.op === "remove-block" || edit.op === "merge-headings";
  const gone = new Set(ends ? nodesOf(edit).map(({ kind, key }) => kind + JSON.stringify(key)) : []);
  const kept = rest.filter((e) => !nodesOf(e).some(({ kind, key }) => gone.has(kind + JSON.stringify(key))));
  return changesNothing(bound) && !followsPattern(bound) ? kept : [...kept, bound];
}

/** An edit in the place of an earlier one: it keeps what that one replaced, its name, and where its values came from. */
const takenOver = (edit: Edit, earlier: Edit): Edit =>
  ({
    ...edit,
    was: earlier.was,
    ...("id" in earlier && { id: earlier.id }),
    ...("evidence" in earlier && !("evidence" in edit) && { evidence: earlier.evidence }),
  }) as Edit;

/** Whether an edit changes what an earlier one of the redraft has written. */
const rewrites = (edit: Edit, earlier: Edit): boolean =>
  edit.op === "set-data" && earlier.op === "set-data" && edit.was !== null && sameBlock(edit.was, earlier.value);

/** Whether a text comes from a pattern, so that it moves on when its variables do. */
export function followsPattern(
  edit: Edit,
): edit is Extract<Edit, { op: "set-title" | "set-description" }> & { pattern: string } {
  return "pattern" in edit && edit.pattern !== undefined;
}

/** A one-line value: control characters out, unpaired surrogates replaced, white space collapsed. */
export function cleanValue(value: string): string {
  return value
    .toWellFormed()
    .replace(/[\t\n\f\r ]+/g, " ")
    .replace(/[\p{Cc}\u{FFFE}\u{FFFF}]/gu, "")
    .replace(/^ | $/g, "");
}
