import type { HeadingKey } from "../page/page.ts";

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
  /** The heading becomes a paragraph with what it holds; an empty one is taken out. */
  | { op: "remove-heading"; heading: HeadingKey; was: string };

/** An edit that was not carried out, and why, in words for the editor. */
export interface Refusal {
  edit: Edit;
  reason: string;
}

function nodeOf(edit: Edit): string {
  if (!("heading" in edit)) return "";
  const { text, id, nth, of, before, after } = edit.heading;
  return JSON.stringify([text, id, nth, of, before, after]);
}

/** The same for two edits exactly where they change the same field of the same node. */
export function slotOf(edit: Edit): string {
  return `${edit.op} ${nodeOf(edit)}`;
}

/** The value an edit sets, as text for lists and spreadsheets. */
export function newValueOf(edit: Edit): string {
  if (edit.op === "set-heading-level") return `H${edit.level}`;
  return edit.op === "remove-heading" ? "" : edit.value;
}

/** What an edit replaces, as text for lists and spreadsheets. */
export function wasOf(edit: Edit): string {
  return edit.op === "set-heading-level" ? `H${edit.was}` : (edit.was ?? "");
}

/** Whether an edit sets what was there already, so that it need not be kept. */
export function changesNothing(edit: Edit): boolean {
  return edit.op !== "remove-heading" && newValueOf(edit) === wasOf(edit);
}

/**
 * A redraft with one more edit: it takes the place of an earlier one for the same node and field, keeping what that one
 * replaced; an edit that sets the original's own value removes it.
 */
export function withEdit(edits: readonly Edit[], edit: Edit): Edit[] {
  const slot = slotOf(edit);
  const earlier = edits.find((e) => slotOf(e) === slot);
  const bound = earlier ? ({ ...edit, was: earlier.was } as Edit) : edit;
  const rest = edits.filter((e) => slotOf(e) !== slot);
  // Once a heading is removed, its level and text are no more.
  const kept =
    edit.op === "remove-heading" ? rest.filter((e) => !("heading" in e) || nodeOf(e) !== nodeOf(edit)) : rest;
  return changesNothing(bound) && !followsPattern(bound) ? kept : [...kept, bound];
}

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
