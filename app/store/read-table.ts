import {
  type Assignment,
  assignColumns,
  type PageToMatch,
  type PlannedRow,
  planTable,
  readTable,
  type TableFile,
} from "#core/exchange/table-file";

/** Rows of a file that are shown while its columns are assigned. */
const SAMPLE = 6;
/** Rows that are planned. */
export const MAX_PLANNED = 20_000;

/** What a spreadsheet holds; its rows stay where they are read. */
export interface TableRead extends Pick<TableFile, "charset" | "separator" | "notes"> {
  sample: string[][];
  rows: number;
  /** As its headings say. */
  assignment: Assignment;
}

/** Reads a spreadsheet, which may take seconds. */
export function readTableFile(source: Uint8Array | string): TableRead | { reason: string } {
  const table = readTable(source);
  if ("reason" in table) return table;
  const { rows, charset, separator, notes } = table;
  const more = rows.length - MAX_PLANNED;
  if (more > 0)
    notes.push(`Only the first ${MAX_PLANNED.toLocaleString("en-GB")} rows are used. Split the table for the others.`);
  return {
    sample: rows.slice(0, SAMPLE),
    rows: rows.length,
    charset,
    separator,
    notes,
    assignment: assignColumns(rows),
  };
}

/** What is planned of a spreadsheet. */
export interface TablePlan {
  plan: PlannedRow[];
  /** Some of its addresses are paths, which need the site's address. */
  hasPaths: boolean;
}

/** Plans a spreadsheet row by row, as its columns are assigned. */
export function planTableFile(
  source: Uint8Array | string,
  assignment: Assignment,
  pages: readonly PageToMatch[],
  base: string | null,
): TablePlan {
  const table = readTable(source);
  if ("reason" in table) return { plan: [], hasPaths: false };
  const at = assignment.columns.indexOf("address");
  const rows = table.rows.slice(0, MAX_PLANNED);
  return {
    plan: planTable({ ...table, rows }, assignment, pages, base),
    hasPaths: rows.some((row) => row[at]?.startsWith("/")),
  };
}
