import { type Edit, newValueOf, wasOf } from "../rewrite/edits.ts";
import { csvOf } from "./csv.ts";

const FIELDS: Record<Edit["op"], string> = {
  "set-title": "title",
  "set-description": "description",
  "set-canonical": "canonical",
  "set-slug": "slug",
  "set-heading-level": "heading level",
  "set-heading-text": "heading text",
  "remove-heading": "heading removed",
};

/** What an edit changes, as a change list names it. */
export function fieldOf(edit: Edit): string {
  return "heading" in edit && edit.op === "set-heading-level"
    ? `${FIELDS[edit.op]}: ${edit.heading.text}`
    : FIELDS[edit.op];
}

/** The change list: one row an edit, with address, field, was and is. */
export function changeListCsv(pages: readonly { address: string; edits: readonly Edit[] }[]): string {
  return csvOf(
    pages.flatMap(({ address, edits }) =>
      edits.map((edit) => ({ address, field: fieldOf(edit), was: wasOf(edit), is: newValueOf(edit) })),
    ),
  );
}
