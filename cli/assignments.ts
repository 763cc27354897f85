import { basename, relative, resolve } from "node:path";
import { figuresIn, type PerformanceTable } from "#core/exchange/performance-table";
import { type AssignedPhrases, type ListedPhrase, readAssignments, readPhraseTable } from "#core/exchange/phrase-table";
import { readTable } from "#core/exchange/table-file";
import { phraseKey } from "#core/phrase/phrase-key";
import { PhraseList } from "#core/standing/phrase-list";
import { CommandFault } from "./fault.ts";
import type { FetchedPage } from "./fetched-page.ts";
import { baseAddress, bytesOf, type FileToRead } from "./files.ts";

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
  const read = readAssignments(table);
  if ("reason" in read) throw new CommandFault(`${file}: ${read.reason}`);
  return new Map(Array.from(read.assigned, ([name, phrases]) => [plain(name), phrases]));
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

/** The figures of a search engine in a CSV, by addresses, or by paths below `base`. */
export function readFigures(file: string, base: string): PerformanceTable {
  const read = figuresIn(bytesOf(file), basename(file), baseAddress(base));
  if ("reason" in read) throw new CommandFault(`${file}: ${read.reason}`);
  return read;
}

let last: { file: string; phrases: Assigned } | null = null;

/** As `readPhrases`; a thread reads a file once. */
export function phrasesIn(file: string): Assigned {
  if (last?.file !== file) last = { file, phrases: readPhrases(file) };
  return last.phrases;
}

/** The files that phrases are looked for by. */
export interface PhraseFiles {
  /** A CSV of phrases. */
  list: string;
  /** One that assigns them to pages; null where there is none. */
  assign: string | null;
}

interface ListRead {
  listed: ListedPhrase[];
  phrases: PhraseList;
  /** Rows of the list that were left out, or taken otherwise than they are written. */
  notes: string[];
}

let lastList: { of: PhraseFiles; read: ListRead } | null = null;

/** The phrases of a list, and those of the pages that it lacks; a thread reads them once. */
export function phraseListIn(of: PhraseFiles): ListRead {
  if (lastList?.of.list === of.list && lastList.of.assign === of.assign) return lastList.read;
  const table = readTable(bytesOf(of.list));
  if ("reason" in table) throw new CommandFault(`${of.list}: ${table.reason}`);
  const list = readPhraseTable(table);
  if ("reason" in list) throw new CommandFault(`${of.list}: ${list.reason}`);
  const listed = [...list.phrases];
  const known = new Set(listed.map(({ text }) => phraseKey(text)));
  for (const { phrase, supporting } of of.assign === null ? [] : phrasesIn(of.assign).values())
    for (const text of [phrase, ...supporting]) {
      const key = phraseKey(text);
      if (key === "" || known.has(key)) continue;
      known.add(key);
      listed.push({ text, volume: null, more: {} });
    }
  const read = { listed, phrases: new PhraseList(listed.map(({ text }) => text)), notes: list.notes };
  lastList = { of, read };
  return read;
}
