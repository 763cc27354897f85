import { FIELD_NAMES, type Field, fieldEdit, textOfField } from "../rewrite/field-edit.ts";
import type { ProposalPage, ProposedLine } from "./proposal.ts";

/** The line that gives a field of a page another text; none where it has it. */
export function textLine({ original, page }: ProposalPage, field: Field, is: string): ProposedLine[] {
  const was = textOfField(page, field);
  if (is === was) return [];
  const shown = field === "title" || field === "description" ? { shownAs: field } : {};
  const edit = fieldEdit(original, field, is);
  const line = { called: FIELD_NAMES[field], ...shown, was, is };
  return ["reason" in edit ? { ...line, edits: [], reason: edit.reason } : { ...line, edits: [edit], reason: null }];
}
