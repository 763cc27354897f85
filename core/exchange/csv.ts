import Papa from "papaparse";

/** CSV as RFC 4180 has it. Cells that a spreadsheet would take for a formula are set apart with an apostrophe. */
export function csvOf(rows: readonly Record<string, string | number>[], { header = true } = {}): string {
  return Papa.unparse(rows as Record<string, string | number>[], { newline: "\r\n", escapeFormulae: true, header });
}
