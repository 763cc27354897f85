import { createHash, randomUUID } from "node:crypto";
import { closeSync, openSync, readdirSync, readSync, renameSync, rmSync, statSync, writeSync } from "node:fs";
import { join } from "node:path";

/** Where a record stands: its pack, the first of its bytes in it, how many they are, and their SHA-256. */
export interface RecordPlace {
  pack: string;
  at: number;
  length: number;
  sum: string;
}

const PACK = /^[\w-]+\.pack$/;
/** Packs and pieces of them that no index names may be of a run that goes on. */
const ABANDONED_MS = 3_600_000;
/** Bytes that are gathered before they are written. */
const BUFFER = 1 << 20;
/** More than any record is long: a place that says so is none. */
const LONGEST = 1 << 28;

const sumOf = (bytes: Uint8Array) => createHash("sha256").update(bytes).digest("hex");

/** Records in a few files of a folder, which are never changed once they have their names. */
export class Packs {
  private readonly open = new Map<string, number | null>();
  private writing: {
    fd: number;
    temporary: string;
    pack: string;
    at: number;
    buffered: Uint8Array[];
    size: number;
  } | null = null;
  private readonly folder: string;

  constructor(folder: string) {
    this.folder = folder;
  }

  /** A record's bytes; null where the pack is not there, or does not hold there what was written. */
  read({ pack, at, length, sum }: RecordPlace): Buffer | null {
    if (!PACK.test(pack) || !(length > 0 && length < LONGEST) || !(at >= 0)) return null;
    let fd = this.open.get(pack);
    if (fd === undefined) {
      fd = opened(join(this.folder, pack));
      this.open.set(pack, fd);
    }
    if (fd === null) return null;
    const bytes = Buffer.alloc(length);
    try {
      if (readSync(fd, bytes, 0, length, at) !== length) return null;
    } catch {
      return null;
    }
    return sumOf(bytes) === sum ? bytes : null;
  }

  /** Writes a record into the pack of this run, which has its name after `finish`. */
  write(bytes: Uint8Array): RecordPlace {
    if (!this.writing) {
      const pack = `${randomUUID()}.pack`;
      const temporary = join(this.folder, `${pack}.part`);
      this.writing = { fd: openSync(temporary, "wx"), temporary, pack, at: 0, buffered: [], size: 0 };
    }
    const { writing } = this;
    const place = { pack: writing.pack, at: writing.at, length: bytes.length, sum: sumOf(bytes) };
    writing.at += bytes.length;
    writing.buffered.push(bytes);
    writing.size += bytes.length;
    if (writing.size > BUFFER) this.flush();
    return place;
  }

  private flush(): void {
    const { writing } = this;
    if (!writing) return;
    const bytes = Buffer.concat(writing.buffered);
    for (let done = 0; done < bytes.length; ) done += writeSync(writing.fd, bytes, done);
    writing.buffered = [];
    writing.size = 0;
  }

  /** Gives the pack of this run its name: from then on its records can be read. */
  finish(): void {
    this.flush();
    const { writing } = this;
    if (!writing) return;
    closeSync(writing.fd);
    renameSync(writing.temporary, join(this.folder, writing.pack));
    this.writing = null;
  }

  close(): void {
    for (const fd of this.open.values()) if (fd !== null) closeSync(fd);
    this.open.clear();
  }

  /** Removes packs, and pieces of packs, that nobody names and that no run can still be writing. */
  removeOthers(named: ReadonlySet<string>): void {
    const before = Date.now() - ABANDONED_MS;
    for (const file of readdirSync(this.folder)) {
      if (named.has(file) || !/\.(?:pack|part)$/.test(file)) continue;
      const path = join(this.folder, file);
      if (statSync(path).mtimeMs < before) rmSync(path, { force: true });
    }
  }
}

function opened(path: string): number | null {
  try {
    return openSync(path, "r");
  } catch {
    return null;
  }
}
