import { type Edit, newValueOf, nodesOf, wasOf } from "../rewrite/edits.ts";
import { csvOf } from "./csv.ts";

const FIELDS: Record<Edit["op"], string> = {
  "set-title": "title",
  "set-description": "description",
  "set-canonical": "canonical",
  "set-slug": "slug",
  "set-heading-level": "heading level",
  "set-heading-text": "heading text",
  "remove-heading": "heading removed",
  "make-heading": "made a heading",
  "merge-headings": "headings merged",
  "set-heading-id": "heading id",
  "set-block-text": "text",
  "remove-block": "text removed",
  "move-block": "text moved",
  "insert-blocks": "text added",
  "edit-source": "source",
  "set-alt": "alternative text",
  "set-link-text": "link text",
  "set-link-title": "link title",
  "set-language": "language",
  "set-robots": "robots",
  "set-keywords": "keywords",
  "set-viewport": "viewport",
  "add-to-head": "added to the head",
  "remove-markup-data": "data in the markup removed",
  "set-data": "structured data",
};

/** What an edit changes, as a change list names it. */
export function fieldOf(edit: Edit): string {
  const [node] = nodesOf(edit);
  const named = edit.op === "set-heading-level" || edit.op === "set-alt" || edit.op === "set-link-title";
  return node && named ? `${FIELDS[edit.op]}: ${node.key.text}` : FIELDS[edit.op];
}

/** The change list: one row an edit, with address, field, was and is. */
export function changeListCsv(pages: readonly { address: string; edits: readonly Edit[] }[]): string {
  return csvOf(
    pages.flatMap(({ address, edits }) =>
      edits.map((edit) => ({ address, field: fieldOf(edit), was: wasOf(edit), is: newValueOf(edit) })),
    ),
  );
}
