import { parseAddress } from "../address/address.ts";
import { csvOf } from "./csv.ts";
import { readTable } from "./table-file.ts";

/** The name of the list in an export. */
export const ADDRESS_LIST = "addresses.csv";

/** The addresses of exported pages: a row for each file, with columns “file” and “address”. */
export const addressListCsv = (pages: readonly { file: string; address: string }[]): string =>
  csvOf(pages.map(({ file, address }) => ({ file, address })));

/** Which address each file has, by the file's path with forward slashes, and what is wrong with rows that are left out. */
export interface AddressList {
  addresses: ReadonlyMap<string, string>;
  notes: string[];
}

export function readAddressList(source: Uint8Array | string): AddressList | { reason: string } {
  const table = readTable(source);
  if ("reason" in table) return table;
  const [first = [], ...rows] = table.rows;
  const headings = first.map((cell) => cell.trim().toLowerCase());
  const [file, address] = ["file", "address"].map((name) => headings.indexOf(name)) as [number, number];
  if (file < 0 || address < 0)
    return { reason: "An address list has columns “file” and “address”. Name them in the first row." };
  const addresses = new Map<string, string>();
  const notes = [...table.notes];
  for (const [i, row] of rows.entries()) {
    const path = filePath(row[file] ?? "");
    const parsed = parseAddress(row[address] ?? "");
    const where = `Row ${table.numbers[i + 1]}`;
    if (path === "") notes.push(`${where} names no file.`);
    else if ("reason" in parsed) notes.push(`${where}: ${parsed.reason}`);
    else if (addresses.has(path)) notes.push(`${where}: ${path} has an address already.`);
    else addresses.set(path, parsed.address);
  }
  return { addresses, notes };
}

/** A path as the list names it, relative to the exported folder. */
export const filePath = (path: string): string =>
  path
    .trim()
    .replaceAll("\\", "/")
    .replace(/^(?:\.\/)+/, "");
