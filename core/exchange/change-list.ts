import { type Edit, newValueOf, nodesOf, operationOf, wasOf } from "../rewrite/edits.ts";
import { csvOf } from "./csv.ts";

/** What an edit changes, as a change list names it. */
export function fieldOf(edit: Edit): string {
  const { called, namesNode } = operationOf(edit);
  const [node] = nodesOf(edit);
  return node && namesNode ? `${called}: ${node.key.text}` : called;
}

/** The change list: one row an edit, with address, field, was and is. */
export function changeListCsv(pages: readonly { address: string; edits: readonly Edit[] }[]): string {
  return csvOf(
    pages.flatMap(({ address, edits }) =>
      edits.map((edit) => ({ address, field: fieldOf(edit), was: wasOf(edit), is: newValueOf(edit) })),
    ),
  );
}
