import { relative, resolve } from "node:path";
import { assignColumns, readTable } from "#core/exchange/table-file";
import { CommandFault } from "./fault.ts";
import type { FetchedPage } from "./fetched-page.ts";
import { bytesOf, type FileToRead } from "./files.ts";

/** An address or a path as it is compared: without what does not tell pages apart. */
const plain = (text: string) =>
  text
    .trim()
    .replace(/^\.\//, "")
    .replace(/\/(?:index\.html?)?$/i, "");

const FILE = /^(?:file|path|page)$/i;

/** Target phrases by address or file, as a CSV assigns them: a column of addresses or files, and one of phrases. */
export function readPhrases(file: string): ReadonlyMap<string, string> {
  const table = readTable(bytesOf(file));
  if ("reason" in table) throw new CommandFault(`${file}: ${table.reason}`);
  const { columns, headed } = assignColumns(table.rows);
  const [first = []] = table.rows;
  const address = columns.indexOf("address");
  const of = address >= 0 ? address : first.findIndex((name) => FILE.test(name));
  const phrase = columns.indexOf("phrase");
  if (of < 0 || phrase < 0)
    throw new CommandFault(
      `${file}: its first row names no column ${of < 0 ? "“address” or “file”" : "“phrase”"}. It takes a column “address” or “file”, and one “phrase”.`,
    );
  const phrases = new Map<string, string>();
  for (const row of table.rows.slice(headed ? 1 : 0)) {
    const [name, text] = [row[of]?.trim() ?? "", row[phrase]?.trim() ?? ""];
    if (name !== "" && text !== "") phrases.set(plain(name), text);
  }
  return phrases;
}

/** The phrase that a page was assigned, by its address, its path below it, or its file; undefined where it was none. */
export function phraseOf(
  phrases: ReadonlyMap<string, string>,
  read: FileToRead | FetchedPage,
  address: string,
): string | undefined {
  const called =
    "file" in read
      ? [read.file, relative(resolve(read.root), resolve(read.file)).replaceAll("\\", "/")]
      : [read.asked, ...read.from];
  for (const name of [address, new URL(address).pathname, ...called]) {
    const phrase = phrases.get(plain(name));
    if (phrase !== undefined) return phrase;
  }
  return undefined;
}

let last: { file: string; phrases: ReadonlyMap<string, string> } | null = null;

/** As `readPhrases`; a thread reads a file once. */
export function phrasesIn(file: string): ReadonlyMap<string, string> {
  if (last?.file !== file) last = { file, phrases: readPhrases(file) };
  return last.phrases;
}
