import { type AssignedPhrases, type PhraseTable, readAssignments, readPhraseTable } from "#core/exchange/phrase-table";
import { readTable } from "#core/exchange/table-file";

/** A list of phrases out of a file or a pasted text. */
export function listIn(source: Uint8Array | string): PhraseTable | { reason: string } {
  const table = readTable(source);
  return "reason" in table ? table : readPhraseTable(table.rows);
}

/** What a file assigns to pages, by their addresses or files. */
export function assignmentsIn(source: Uint8Array): ReadonlyMap<string, AssignedPhrases> | { reason: string } {
  const table = readTable(source);
  return "reason" in table ? table : readAssignments(table.rows);
}
