import Papa from "papaparse";
import { comparableAddress, parseAddress, withoutIndexFile } from "../address/address.ts";
import { decodeBytes } from "../page/charset.ts";
import { cleanValue } from "../rewrite/clean-value.ts";
import { COLUMNS, type Column, readHeading } from "./column-names.ts";

/** A table as somebody's spreadsheet wrote it. */
export interface TableFile {
  /** Cells of every row, the first row included, without empty rows. */
  rows: string[][];
  /** The number of each row in the file, from 1: empty and faulty rows count. */
  numbers: number[];
  /** Name of the character set that it was read in. */
  charset: string;
  separator: string;
  /** What the editor should know: rows that are left out, uneven rows. */
  notes: string[];
}

/** The rows of a table with their numbers, and what is wrong with them. */
export type TableRows = Pick<TableFile, "rows" | "numbers" | "notes">;

/** What is read of a table at most; said on screen before a file is chosen. */
export const TABLE_LIMITS = { bytes: 50 * 1024 * 1024, rows: 200_000, columns: 200 } as const;
const counted = new Intl.NumberFormat("en-GB");
export const TABLE_LIMITS_TEXT = `At most ${TABLE_LIMITS.bytes / 1024 / 1024} MB, ${counted.format(TABLE_LIMITS.rows)} rows and ${TABLE_LIMITS.columns} columns.`;

/** Decodes as spreadsheets write: byte order mark, UTF-16 without one, UTF-8, else Windows-1252. */
function decodeTable(bytes: Uint8Array): { text: string; charset: string } {
  const decode = (name: string) => ({ text: decodeBytes(bytes, { name, by: "fallback", bom: 0 }), charset: name });
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return decode("utf-16le");
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return decode("utf-16be");
  const head = bytes.subarray(0, 400);
  const zeros = (from: number) => head.filter((byte, i) => byte === 0 && i % 2 === from).length;
  if (zeros(1) > head.length / 4) return decode("utf-16le");
  if (zeros(0) > head.length / 4) return decode("utf-16be");
  try {
    return { text: new TextDecoder("utf-8", { fatal: true }).decode(bytes), charset: "utf-8" };
  } catch {
    return decode("windows-1252");
  }
}

const SEPARATOR_NAMES: Record<string, string> = { ",": "commas", ";": "semicolons", "\t": "tabs", "|": "bars" };

/** What a separator is called in a sentence. */
export const separatorName = (separator: string) => SEPARATOR_NAMES[separator] ?? `“${separator}”`;

/** Reads CSV (RFC 4180) or the like: separated by commas, semicolons, tabs or bars. */
export function readTable(source: Uint8Array | string): TableFile | { reason: string } {
  if (source.length > TABLE_LIMITS.bytes) return { reason: `This table is too large. ${TABLE_LIMITS_TEXT}` };
  const { text, charset } = typeof source === "string" ? { text: source, charset: "text" } : decodeTable(source);
  if (text.includes("\0"))
    return {
      reason:
        "This is no table of text: it looks like a spreadsheet program's own file. Save it as CSV and choose that.",
    };
  // Some programs name the separator in a line of its own.
  const stated = /^\ufeff?sep=(.)\r?\n/i.exec(text);
  const content = text.slice(stated?.[0].length ?? 0).replace(/^\ufeff/, "");
  const { rows, numbers, separator, unclosed, more } = parseRows(content, stated?.[1] ?? "");
  if (rows.length === 0) return { reason: "This table is empty. Choose another file, or paste its rows." };
  const width = rows[0]?.length ?? 0;
  if (width > TABLE_LIMITS.columns)
    return {
      reason: `This table has ${counted.format(width)} columns. ${TABLE_LIMITS_TEXT} Leave out those that are not needed.`,
    };
  const notes: string[] = [];
  if (more) notes.push(`Only the first ${counted.format(TABLE_LIMITS.rows)} rows are read. Split the table.`);
  if (unclosed.length >= MAX_FAULTY)
    return {
      reason: `A quotation mark is wrong in ${MAX_FAULTY} rows, the first of them row ${unclosed[0]}. Save the table as CSV again.`,
    };
  if (unclosed.length > 0)
    notes.push(
      `${rowsNamed(unclosed)} left out: a quotation mark is opened and not closed, or stands inside a quoted text.`,
    );
  const uneven = numbers.filter((_, i) => rows[i]?.length !== width);
  if (uneven.length > 0) {
    const named = uneven.slice(0, 5).join(", ");
    notes.push(
      `${uneven.length === 1 ? "Row" : "Rows"} ${named}${uneven.length > 5 ? "…" : ""} ${uneven.length === 1 ? "has" : "have"} more or fewer cells than the first; missing ones are taken as empty.`,
    );
  }
  return { rows, numbers, charset, separator, notes };
}

/** Notes that are shown one by one; of the others there is only a number. */
const MAX_NOTES = 12;

export const firstNotes = (notes: readonly string[]): string[] =>
  notes.length > MAX_NOTES ? [...notes.slice(0, MAX_NOTES), `And ${notes.length - MAX_NOTES} rows more.`] : [...notes];

function rowsNamed(numbers: readonly number[]): string {
  if (numbers.length === 1) return `Row ${numbers[0]} is`;
  const shown = numbers.slice(0, 5).join(", ");
  return `Rows ${shown}${numbers.length > 5 ? ` and ${numbers.length - 5} more` : ""} are`;
}

interface ParsedRows {
  rows: string[][];
  numbers: number[];
  separator: string;
  /** Numbers of rows whose quotation marks are wrong. */
  unclosed: number[];
  /** There are more rows than are read. */
  more: boolean;
}

/** What parts cells and rows, as the first rows show it. */
const guessIn = (content: string) =>
  Papa.parse(content, { preview: 10, delimitersToGuess: [",", ";", "\t", "|"], skipEmptyLines: "greedy" }).meta as {
    delimiter: string;
    linebreak: "\n" | "\r" | "\r\n";
  };

/** Rows with wrong quotation marks after which reading ends: the table is no CSV then. */
const MAX_FAULTY = 50;
/** Code units that are parsed at a time. No row is longer: what seems to be has a quotation mark that is not closed. */
const WINDOW = 1 << 20;

/**
 * The rows of a table. A quotation mark that is not closed would take all rows behind it as one text: the line that it stands
 * in is left out, and reading goes on behind that line.
 */
function parseRows(content: string, stated: string): ParsedRows {
  const { delimiter, linebreak: newline } = guessIn(content);
  const separator = stated || delimiter;
  const parsed: ParsedRows = { rows: [], numbers: [], separator, unclosed: [], more: false };
  let number = 0;
  let at = 0;
  const take = (cells: readonly string[]) => {
    number++;
    if (cells.every((cell) => cell.trim() === "")) return;
    if (parsed.rows.length >= TABLE_LIMITS.rows) parsed.more = true;
    else {
      parsed.rows.push(cells.map(undefuse));
      parsed.numbers.push(number);
    }
  };
  while (at < content.length && !parsed.more && parsed.unclosed.length < MAX_FAULTY) {
    const begin = at;
    const isLast = begin + WINDOW >= content.length;
    let faulty = false;
    Papa.parse<string[]>(content.slice(begin, begin + WINDOW), {
      delimiter: separator,
      newline,
      step({ data, errors, meta }, parser) {
        const end = begin + meta.cursor;
        const wrong = errors.some(({ type }) => type === "Quotes");
        const isWhole = isLast || end < begin + WINDOW;
        if (isWhole && !wrong) {
          take(data);
          at = end;
          if (parsed.more) parser.abort();
          return;
        }
        // A row that the window cuts is read again from its beginning.
        faulty = at === begin || isWhole;
        parser.abort();
      },
    });
    if (!faulty && at === begin) break;
    if (!faulty) continue;
    parsed.unclosed.push(++number);
    const end = content.indexOf(newline, at);
    at = end < 0 ? content.length : end + newline.length;
  }
  return parsed;
}

/** Takes off the apostrophe that keeps spreadsheets from running a text as a formula. */
export const undefuse = (cell: string) => cell.replace(/^'(?=[=+\-@\t\r])/, "").trim();

export const COLUMN_NAMES: Readonly<Record<Column, string>> = {
  address: "address",
  title: "title",
  description: "description",
  slug: "slug",
  h1: "H1",
  phrase: "target phrase",
  canonical: "canonical address",
};

export interface Assignment {
  /** What each column holds; null where it is left out. */
  columns: (Column | null)[];
  /** Whether the first row holds headings. */
  headed: boolean;
}

/**
 * Recognises columns by their headings in any order; a column of addresses is known by its cells as well. Of several for one
 * text that counts which holds what is to be; what holds only what is, is left out.
 */
export function assignColumns(rows: readonly string[][]): Assignment {
  const [first = []] = rows;
  const headings = Array.from(first, readHeading);
  // A heading that says no more than “proposal” belongs to the column before it.
  const fields = Array.from(headings, (heading, i) => {
    if (!heading) return null;
    return (
      heading.column ??
      headings.slice(0, i).findLast((one) => one?.column && one.column !== "address")?.column ??
      "title"
    );
  });
  const columns: (Column | null)[] = first.map(() => null);
  for (const column of COLUMNS) {
    const of = fields.flatMap((field, i) => (field === column ? [i] : []));
    const holding = (holds: string) => of.find((i) => headings[i]?.holds === holds);
    // An address says where a page is now.
    const at =
      column === "address" ? (holding("unsaid") ?? holding("present")) : (holding("wanted") ?? holding("unsaid"));
    if (at !== undefined) columns[at] = column;
  }
  const headed = headings.some((heading) => heading !== null);
  const at = addressColumn(rows, columns, headed);
  if (at >= 0) columns[at] = "address";
  return { columns, headed };
}

/** The column whose cells look like addresses, where no heading names one; -1 where there is none. */
export function addressColumn(
  rows: readonly (readonly string[])[],
  columns: readonly (string | null)[],
  headed: boolean,
): number {
  if (columns.includes("address")) return -1;
  const sample = rows.slice(headed ? 1 : 0, 12);
  return columns.findIndex(
    (column, i) =>
      column === null && sample.length > 0 && sample.every((row) => /^(?:https?:\/\/\S|\/)\S*$/i.test(row[i] ?? "")),
  );
}

/** A page that is there, as far as rows are matched with it. */
export interface PageToMatch {
  id: string;
  address: string;
  phrase: string;
  title: string;
  description: string;
  slug: string;
  h1: string;
  canonical: string;
  /** Columns that the editor has already redrafted. */
  redrafted: readonly Column[];
}

export interface PlannedChange {
  column: Exclude<Column, "address">;
  was: string;
  is: string;
  /** It takes the place of what the editor has redrafted. */
  replaces: boolean;
}

/** What becomes of one row, where it is taken. */
export interface PlannedRow {
  /** As the file counts, from 1, its headings included. */
  row: number;
  address: string;
  /** Names the page that it is for: rows with the same name are for one page. */
  of: string;
  /** `change` a page that is there, `add` one, `same` as it is, or left out because of a `fault`. */
  does: "change" | "add" | "same" | "fault";
  page: string | null;
  changes: PlannedChange[];
  fault: string | null;
  /**
   * Why it is taken only where somebody says so: an earlier row is for the same page, it replaces what was redrafted, or the
   * site has pages and none at this address.
   */
  doubt: string | null;
}

/** The rows that are taken unless somebody says otherwise. */
export const takenAtFirst = (plan: readonly PlannedRow[]): Set<number> =>
  new Set(
    plan.flatMap(({ row, does, doubt }) => ((does === "change" || does === "add") && doubt === null ? [row] : [])),
  );

/** How many pages the rows that are taken change and add: what the button says and what is done. */
export function pagesOf(plan: readonly PlannedRow[], taken: ReadonlySet<number>): { change: number; add: number } {
  const of = (does: PlannedRow["does"]) =>
    new Set(plan.flatMap((row) => (row.does === does && taken.has(row.row) ? [row.of] : []))).size;
  return { change: of("change"), add: of("add") };
}

/**
 * Plans a table row by row: which page it is for, what was and what will be. Empty cells change nothing. Paths are read
 * against `base`; null where nobody has said where the site stands.
 */
export function planTable(
  { rows, numbers }: Pick<TableRows, "rows" | "numbers">,
  { columns, headed }: Assignment,
  pages: readonly PageToMatch[],
  base: string | null,
): PlannedRow[] {
  const known = new Map(pages.map((page) => [comparableAddress(page.address), page]));
  const said = new Map<string, number>();
  const at = columns.indexOf("address");
  return rows.slice(headed ? 1 : 0).map((cells, i) => {
    const row = numbers[i + (headed ? 1 : 0)] ?? 0;
    const text = (at < 0 ? "" : (cells[at] ?? "")).trim();
    const planned: PlannedRow = {
      row,
      address: text,
      of: "",
      does: "fault",
      page: null,
      changes: [],
      fault: null,
      doubt: null,
    };
    if (text === "") return { ...planned, fault: "It has no address." };
    if (text.startsWith("/") && base === null)
      return { ...planned, fault: "It needs the site’s address: say it above." };
    const full = text.startsWith("/") && base !== null && URL.canParse(text, base) ? new URL(text, base).href : text;
    const parsed = parseAddress(full);
    if ("reason" in parsed || /\s/.test(text))
      return { ...planned, fault: "reason" in parsed ? parsed.reason : `“${text}” is not an address.` };
    const address = withoutIndexFile(parsed.address);
    const key = comparableAddress(address);
    const earlier = said.get(key);
    said.set(key, earlier ?? row);
    const page = known.get(key) ?? null;
    const changes: PlannedChange[] = [];
    columns.forEach((column, k) => {
      const is = cleanValue(cells[k] ?? "");
      // A new page stands where its address says.
      if (column === null || column === "address" || is === "" || (column === "slug" && !page)) return;
      const was = page ? page[column] : "";
      if (was !== is) changes.push({ column, was, is, replaces: page?.redrafted.includes(column) ?? false });
    });
    const replaced = changes.find(({ replaces }) => replaces);
    const doubt =
      earlier !== undefined
        ? `Row ${earlier} is for the same page.`
        : replaced
          ? `It replaces what you have redrafted: “${replaced.was}”.`
          : !page && pages.length > 0
            ? "No page of the site has this address."
            : null;
    const does = !page ? "add" : changes.length > 0 ? "change" : "same";
    return { ...planned, address, of: key, does, page: page?.id ?? null, changes, doubt };
  });
}
