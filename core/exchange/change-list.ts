import type { Page } from "../page/page.ts";
import { type Edit, fieldOf, newValueOf, OPERATIONS, wasOf } from "../rewrite/edits.ts";
import { csvOf } from "./csv.ts";
import { readTable } from "./table-file.ts";

/** A page of a change list. */
export interface ListedPage {
  address: string;
  edits: readonly Edit[];
  /** The path of its file, if it is not on the site yet. */
  newFile?: string;
}

/** The field of a row that names a page which is not on the site yet; nothing is applied by it. */
const NEW_PAGE = "new page";

/** The change list: one row an edit, with address, field, was and is, and one for each new page. */
export function changeListCsv(pages: readonly ListedPage[]): string {
  return csvOf(
    pages.flatMap(({ address, edits, newFile }) => [
      ...(newFile === undefined ? [] : [{ address, field: NEW_PAGE, was: "", is: newFile }]),
      ...edits.map((edit) => ({ address, field: fieldOf(edit), was: wasOf(edit), is: newValueOf(edit) })),
    ]),
  );
}

/** A row of a change list. */
export interface ChangeRow {
  address: string;
  field: string;
  was: string;
  is: string;
}

const COLUMNS = ["address", "field", "was", "is"] as const;

/** Reads a change list that somebody filled in, or says what is wrong with it. Rows that change nothing are left out. */
export function parseChangeList(source: Uint8Array | string): ChangeRow[] | { reason: string } {
  const table = readTable(source);
  if ("reason" in table) return table;
  const [headings = [], ...rows] = table.rows;
  const at = COLUMNS.map((name) => headings.findIndex((one) => one.toLowerCase() === name));
  const missing = COLUMNS.filter((_, i) => (at[i] ?? -1) < 0);
  if (missing.length > 0)
    return {
      reason: `Its first row names no column ${missing.join(", ")}. A change list has address, field, was and is.`,
    };
  const cell = (row: readonly string[], i: number) => row[at[i] ?? -1] ?? "";
  return rows
    .map((row) => ({ address: cell(row, 0), field: cell(row, 1), was: cell(row, 2), is: cell(row, 3) }))
    .filter(({ address, field, was, is }) => address !== "" && field !== "" && field !== NEW_PAGE && was !== is);
}

/** Why a row is not what its page needs. `stands` is what the page has where the row says it had something else. */
export interface RowRefusal {
  reason: string;
  stands?: string;
}

/**
 * The edit that a row asks for on its page, or why there is none: one reason is that the page does not say what the row
 * replaces. With `force` that does not matter.
 */
export function editOfRow(
  page: Page,
  { field, was, is }: Omit<ChangeRow, "address">,
  { force = false }: { force?: boolean } = {},
): Edit | RowRefusal {
  const [name = "", ...named] = field.split(": ");
  const known = Object.values(OPERATIONS).find(({ called }) => called === name.trim().toLowerCase());
  if (!known)
    return {
      reason: `“${field}” is no field of a change list. Fields are title, description, heading text and others.`,
    };
  if (!known.fromRow) return { reason: `A row cannot say all that “${field}” needs. Use a file of edits for it.` };
  const edit = known.fromRow(page, { named: named.join(": "), was, is });
  if (typeof edit === "string") return { reason: edit };
  const stands = wasOf(edit as Edit);
  // A row that was applied before changes nothing.
  if (force || [was, is].some((text) => spaced(text) === spaced(stands))) return edit;
  return { reason: `It is ${quoted(stands)} on the page, not ${quoted(was)} as the list says.`, stands };
}

/** A text with its white space as a spreadsheet may leave it. */
const spaced = (text: string) => text.replace(/\s+/g, " ").trim();
const quoted = (text: string) => (text === "" ? "empty" : `“${text}”`);
