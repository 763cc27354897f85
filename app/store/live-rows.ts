import Dexie, { type EntityTable } from "dexie";
import { longRunLasts, onLongRun } from "../workers/long-run";
import { DATABASE } from "./db";
import { isStorageGone } from "./faults";

/** A node of the ranges of keys that Dexie says were written. */
interface KeyRange {
  from: unknown;
  to: unknown;
  l?: KeyRange | null;
  r?: KeyRange | null;
}

/** The single keys of a range, or null where it covers more than single keys. */
function keysOf(range: KeyRange | null | undefined, keys: string[] = []): string[] | null {
  if (!range || range.from === undefined) return keys;
  if (range.from !== range.to || typeof range.from !== "string") return null;
  keys.push(range.from);
  return keysOf(range.l, keys) && keysOf(range.r, keys);
}

interface Keyed {
  id: string;
  siteId: string;
}

/** Where the records of a site are. */
export interface TableOfSite<T extends Keyed> {
  table: () => EntityTable<T, "id" & keyof T>;
  name: string;
  siteId: string;
}

/** What has become of a site's records since they were last told. */
export interface RecordsChange<T> {
  /** These are all that there are: what was known before is forgotten. */
  anew: boolean;
  put: readonly T[];
  gone: readonly string[];
}

/** Changes are told at most this often, in milliseconds, and while work on many pages lasts. */
const PACE = 60;
const LONG_PACE = 1000;
/** Records that are read at a time where all are read in parts. */
const PART = 500;

/**
 * Follows the records of a site in one table: all of them first, then by key what another screen, tab or worker writes, and
 * never all of them again.
 */
export class FollowedTable<T extends Keyed> {
  private readonly pending = new Set<string>();
  private timer: ReturnType<typeof setTimeout> | null = null;
  private all = true;
  private resting = false;
  private stopped = false;
  private readonly ends: (() => void)[];

  constructor(
    private readonly of: TableOfSite<T>,
    private readonly tell: (change: RecordsChange<T>) => void,
    /** Tells all of them in parts, for who keeps less of a record than there is. */
    private readonly inParts = false,
  ) {
    Dexie.on("storagemutated", this.heard);
    this.ends = [
      () => Dexie.on.storagemutated.unsubscribe(this.heard),
      onLongRun((lasts) => !lasts && this.pending.size > 0 && this.schedule(0)),
    ];
    this.schedule(0);
  }

  stop(): void {
    this.stopped = true;
    if (this.timer !== null) clearTimeout(this.timer);
    for (const end of this.ends) end();
  }

  /** While it rests nothing is read; it catches up once. */
  rest(on: boolean): void {
    this.resting = on;
    if (!on && (this.all || this.pending.size > 0)) this.schedule(0);
  }

  private readonly heard = (parts: Record<string, unknown>) => {
    const name = `idb://${DATABASE}/${this.of.name}/`;
    for (const part of [name, `${name}:dels`]) {
      if (!(part in parts)) continue;
      const keys = keysOf(parts[part] as KeyRange);
      if (keys) for (const key of keys) this.pending.add(key);
      else if (part === name) this.all = true;
    }
    if (this.all || this.pending.size > 0) this.schedule(longRunLasts() ? LONG_PACE : PACE);
  };

  private schedule(after: number): void {
    if (this.stopped || this.resting) return;
    if (this.timer !== null && after > 0) return;
    if (this.timer !== null) clearTimeout(this.timer);
    this.timer = setTimeout(() => {
      this.timer = null;
      this.refresh().catch((error: unknown) => {
        // Read anew with the next change. That storage is gone is said over everything, once.
        this.all = true;
        if (!isStorageGone(error)) throw error;
      });
    }, after);
  }

  private async refresh(): Promise<void> {
    const { table, siteId } = this.of;
    if (this.all) {
      this.all = false;
      this.pending.clear();
      const own = table().where("siteId").equals(siteId);
      if (!this.inParts) {
        const put = await own.toArray();
        if (!this.stopped) this.tell({ anew: true, put, gone: [] });
        return;
      }
      const keys = await own.primaryKeys();
      for (let at = 0; at < Math.max(1, keys.length); at += PART) {
        const records = await table().bulkGet(keys.slice(at, at + PART));
        if (this.stopped) return;
        this.tell({ anew: at === 0, put: records.flatMap((one) => (one as T | undefined) ?? []), gone: [] });
      }
      return;
    }
    const keys = [...this.pending];
    this.pending.clear();
    for (let at = 0; at < keys.length; at += PART) {
      const some = keys.slice(at, at + PART);
      const records = await table().bulkGet(some as never[]);
      const put = records.flatMap((record) => (record && record.siteId === siteId ? [record as T] : []));
      const gone = some.filter((_, i) => !records[i]);
      if (this.stopped) return;
      if (put.length > 0 || gone.length > 0) this.tell({ anew: false, put, gone });
    }
  }
}

/** The records of a site in one table, in order, kept up as long as somebody listens. */
export class Rows<T extends Keyed> {
  private byId = new Map<string, T>();
  private list: T[] | null = null;
  private readonly listeners = new Set<() => void>();
  private followed: FollowedTable<T> | null = null;

  constructor(
    private readonly of: TableOfSite<T>,
    private readonly order: (a: T, b: T) => number = () => 0,
  ) {}

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    this.followed ??= new FollowedTable(this.of, (change) => this.take(change));
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size > 0) return;
      this.followed?.stop();
      this.followed = null;
    };
  };

  /** All records in order; null until they have been read. The same array until something changes. */
  readonly get = (): T[] | null => this.list;

  private take({ anew, put, gone }: RecordsChange<T>): void {
    if (anew) this.byId = new Map();
    let changed = anew || put.length > 0;
    for (const record of put) this.byId.set(record.id, record);
    for (const id of gone) changed = this.byId.delete(id) || changed;
    if (!changed) return;
    this.list = [...this.byId.values()].sort(this.order);
    for (const listener of this.listeners) listener();
  }
}
