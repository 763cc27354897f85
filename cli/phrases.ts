import { relative, resolve } from "node:path";
import { type AssignedPhrases, readAssignments } from "#core/exchange/phrase-table";
import { readTable } from "#core/exchange/table-file";
import { CommandFault } from "./fault.ts";
import type { FetchedPage } from "./fetched-page.ts";
import { bytesOf, type FileToRead } from "./files.ts";

/** Phrases by address or file. */
export type Assigned = ReadonlyMap<string, AssignedPhrases>;

/** An address or a path as it is compared: without what does not tell pages apart. */
const plain = (text: string) =>
  text
    .trim()
    .replace(/^\.\//, "")
    .replace(/\/(?:index\.html?)?$/i, "");

/** The phrases that a CSV assigns to pages, by address or file. */
export function readPhrases(file: string): Assigned {
  const table = readTable(bytesOf(file));
  if ("reason" in table) throw new CommandFault(`${file}: ${table.reason}`);
  const assigned = readAssignments(table.rows);
  if ("reason" in assigned) throw new CommandFault(`${file}: ${assigned.reason}`);
  return new Map(Array.from(assigned, ([name, phrases]) => [plain(name), phrases]));
}

/** The phrases that a page was assigned, by its address, its path below it, or its file; undefined where it was none. */
export function phrasesOf(
  phrases: Assigned,
  read: FileToRead | FetchedPage,
  address: string,
): AssignedPhrases | undefined {
  const called =
    "file" in read
      ? [read.file, relative(resolve(read.root), resolve(read.file)).replaceAll("\\", "/")]
      : [read.asked, ...read.from];
  for (const name of [address, new URL(address).pathname, ...called]) {
    const assigned = phrases.get(plain(name));
    if (assigned !== undefined) return assigned;
  }
  return undefined;
}

let last: { file: string; phrases: Assigned } | null = null;

/** As `readPhrases`; a thread reads a file once. */
export function phrasesIn(file: string): Assigned {
  if (last?.file !== file) last = { file, phrases: readPhrases(file) };
  return last.phrases;
}
