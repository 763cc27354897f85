import {
  type Assignments,
  isHeaded,
  type PhraseTable,
  readAssignments,
  readPhraseTable,
  readTypedPhrases,
} from "#core/exchange/phrase-table";
import { readTable } from "#core/exchange/table-file";

/** A list of phrases out of a file or a pasted text. */
export function listIn(source: Uint8Array | string): PhraseTable | { reason: string } {
  const table = readTable(source);
  if ("reason" in table) return table;
  return typeof source === "string" && !isHeaded(table.rows) ? readTypedPhrases(source) : readPhraseTable(table);
}

/** What a file assigns to pages, by their addresses or files. */
export function assignmentsIn(source: Uint8Array): Assignments | { reason: string } {
  const table = readTable(source);
  return "reason" in table ? table : readAssignments(table);
}
