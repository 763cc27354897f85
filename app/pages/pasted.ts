import Papa from "papaparse";

/** Lines and cells of what a spreadsheet copies: tabs between cells, quotes around those with line breaks. */
export function pastedLines(text: string): string[][] {
  const lines = Papa.parse<string[]>(text.replace(/\r?\n$/, ""), { delimiter: "\t" }).data;
  return lines.length > 0 ? lines : [[""]];
}

/** Cells as a spreadsheet takes them in. */
export const copiedText = (lines: readonly (readonly string[])[]) =>
  Papa.unparse(
    lines.map((line) => [...line]),
    { delimiter: "\t", newline: "\n" },
  );
