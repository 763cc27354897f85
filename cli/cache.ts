import { createHash, randomUUID } from "node:crypto";
import { mkdirSync, readdirSync, readFileSync, renameSync, type Stats, statSync, writeFileSync } from "node:fs";
import { join, relative, resolve } from "node:path";
import { type Days, holdsOn } from "#core/settings/days";
import { stampOf } from "#core/settings/house-style";
import { CommandFault, tell, whyNot } from "./fault.ts";
import { bytesOf, type FileToRead, usable } from "./files.ts";
import { nameIn } from "./name-in.ts";
import { Packs, type RecordPlace } from "./packs.ts";
import { VERSION } from "./version.ts";
import type { AuditBasis, AuditedPage } from "./work.ts";

/** What was found on pages in earlier runs. */
export interface Cache {
  /** Whether something is kept of a file as it is. */
  has(read: FileToRead): boolean;
  /** What was found on a file whose bytes are what they were; null where that is not known. */
  get(read: FileToRead): AuditedPage | null;
  /** Takes in what was found on a file. */
  put(read: FileToRead, audited: AuditedPage): void;
  /** Keeps what was taken in for later runs. */
  keep(): void;
}

/** No folder was named. */
export const NO_CACHE: Cache = { has: () => false, get: () => null, put: () => {}, keep: () => {} };

/** What a file was when it was audited, and where what was found on it stands. */
interface Row extends RecordPlace {
  /** Size in bytes, time of the last change in ms, and number of the file: where all are what they were, its bytes are. */
  size: number;
  changed: number;
  inode: number;
  /** When the run began that looked at the file, in ms: what was changed since, or just before, may have changed again. */
  since: number;
  /** SHA-256 of its bytes. */
  hash: string;
  days: Days;
}

/** By the file, its folder, the base and the address that it is read with. */
type Rows = Record<string, Row>;

/** A clock of files may tick every two seconds (FAT): a file may have been changed twice within one. */
const TICK_MS = 2000;
/** Runs in which little has changed leave small packs: when there are so many, all records are written into one. */
const MOST_PACKS = 8;

const sumOf = (data: string | Uint8Array) => createHash("sha256").update(data).digest("hex");

/**
 * Findings kept in a folder: an index for each basis (version, house style, phrases, format), and packs of records. A file
 * whose size, time and number are those of its row is not read; of others the bytes are compared. A record that is not whole,
 * or that something else wrote, is not used. Indexes and packs get their names when they are whole, so that two runs may share
 * the folder: what one loses of the other is audited again. The folder can be deleted at any time.
 */
export function openCache(folder: string, context: AuditBasis): Cache {
  usable(folder, () => mkdirSync(folder, { recursive: true }));
  const { houseStyle, today, phrase, phrases, format } = context;
  const assigned = phrases === null ? "" : sumOf(bytesOf(phrases));
  const basis = JSON.stringify([VERSION, stampOf(houseStyle), phrase, assigned, format]);
  const name = `${sumOf(basis).slice(0, 16)}.index`;
  const since = Date.now();
  const before = readIndex(join(folder, name));
  const packs = new Packs(folder);
  const keyOf = ({ file, root, base, address = "" }: FileToRead) =>
    JSON.stringify([nameIn(format, file), relative(resolve(root), resolve(file)), base, address]);
  const looked = new Map<FileToRead, { stats: Stats; row: Row | null } | CommandFault>();
  /** A file as it is now, and its row where that is of these bytes and of this day. */
  const look = (read: FileToRead) => {
    let found = looked.get(read);
    if (!found) {
      found = lookAnew(read);
      looked.set(read, found);
    }
    return found;
  };
  const lookAnew = (read: FileToRead): { stats: Stats; row: Row | null } | CommandFault => {
    try {
      const stats = usable(read.file, () => statSync(read.file));
      const row = before[keyOf(read)];
      if (!row || !holdsOn(row.days, today)) return { stats, row: null };
      const isOld = stats.mtimeMs < row.since - TICK_MS;
      const asItWas = row.size === stats.size && row.changed === stats.mtimeMs && row.inode === stats.ino;
      return { stats, row: (asItWas && isOld) || row.hash === sumOf(bytesOf(read.file)) ? row : null };
    } catch (error) {
      if (error instanceof CommandFault) return error;
      throw error;
    }
  };
  const rows: Rows = {};
  let told = false;
  const kept = (keep: () => void) => {
    try {
      if (!told) keep();
    } catch (error) {
      tell(`--cache: ${folder} ${whyNot(error)}; what was found is not kept.`);
      told = true;
    }
  };
  return {
    has(read) {
      const found = look(read);
      return !(found instanceof CommandFault) && found.row !== null;
    },
    get(read) {
      const found = look(read);
      if (found instanceof CommandFault || !found.row) return null;
      const { row, stats } = found;
      const bytes = packs.read(row);
      if (!bytes) return null;
      rows[keyOf(read)] = { ...row, ...partsOf(stats), since };
      return JSON.parse(bytes.toString("utf8"));
    },
    put(read, audited) {
      const found = look(read);
      if (found instanceof CommandFault) return;
      const { days, hash = "" } = audited;
      kept(() => {
        const place = packs.write(new TextEncoder().encode(JSON.stringify(audited)));
        rows[keyOf(read)] = { ...place, ...partsOf(found.stats), since, hash, days };
      });
    },
    keep() {
      kept(() => {
        // Another run may have kept something meanwhile.
        const all = { ...readIndex(join(folder, name)), ...rows };
        const few = new Set(Object.values(all).map(({ pack }) => pack)).size <= MOST_PACKS;
        const own = few ? all : gathered(rows, packs);
        packs.finish();
        writeWhole(join(folder, name), JSON.stringify({ rows: own }));
        packs.removeOthers(packsNamedIn(folder));
      });
      packs.close();
    },
  };
}

const partsOf = ({ size, mtimeMs, ino }: Stats) => ({ size, changed: mtimeMs, inode: ino });

/** The records of rows in one pack. What is not whole is left out. */
function gathered(rows: Readonly<Rows>, packs: Packs): Rows {
  packs.finish();
  const own: Rows = {};
  for (const [key, row] of Object.entries(rows)) {
    const bytes = packs.read(row);
    if (bytes) own[key] = { ...row, ...packs.write(bytes) };
  }
  return own;
}

/** The rows of an index; none where the file is no index. */
function readIndex(file: string): Rows {
  try {
    const { rows } = JSON.parse(readFileSync(file, "utf8"));
    return Object.fromEntries(Object.entries<unknown>(rows).filter((entry): entry is [string, Row] => isRow(entry[1])));
  } catch {
    // There is none yet, or something else wrote it.
    return {};
  }
}

function isRow(value: unknown): value is Row {
  if (value === null || typeof value !== "object") return false;
  const row = value as Record<keyof Row, unknown>;
  const days = row.days as Partial<Record<keyof Days, unknown>> | null | undefined;
  return (
    [row.size, row.changed, row.inode, row.since, row.at, row.length].every((one) => typeof one === "number") &&
    [row.hash, row.pack, row.sum, days?.from, days?.until].every((one) => typeof one === "string")
  );
}

function packsNamedIn(folder: string): Set<string> {
  const indexes = readdirSync(folder).filter((file) => file.endsWith(".index"));
  return new Set(indexes.flatMap((file) => Object.values(readIndex(join(folder, file))).map(({ pack }) => pack)));
}

function writeWhole(file: string, text: string): void {
  const beside = `${file}.${randomUUID()}.part`;
  writeFileSync(beside, text);
  renameSync(beside, file);
}
