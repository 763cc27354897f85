import Dexie, { type EntityTable } from "dexie";
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

/** Changes are told at most this often, in milliseconds. */
const PACE = 60;

/**
 * The records of a site in one table, read once and then kept up by key: what another screen, tab or worker writes is
 * taken over row by row, never by reading all of them again.
 */
export class Rows<T extends Keyed> {
  private byId: Map<string, T> | null = null;
  private list: T[] | null = null;
  private listeners = new Set<() => void>();
  private pending = new Set<string>();
  private timer: ReturnType<typeof setTimeout> | null = null;
  private all = false;

  constructor(
    private readonly table: () => EntityTable<T, "id" & keyof T>,
    private readonly tableName: string,
    private readonly siteId: string,
    private readonly order: (a: T, b: T) => number,
  ) {}

  readonly subscribe = (listener: () => void): (() => void) => {
    if (this.listeners.size === 0) {
      Dexie.on("storagemutated", this.heard);
      this.all = true;
      this.schedule(0);
    }
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size === 0) Dexie.on.storagemutated.unsubscribe(this.heard);
    };
  };

  /** All records in order; null until they have been read. The same array until something changes. */
  readonly get = (): T[] | null => this.list;

  private readonly heard = (parts: Record<string, unknown>) => {
    const name = `idb://${DATABASE}/${this.tableName}/`;
    for (const part of [name, `${name}:dels`]) {
      if (!(part in parts)) continue;
      const keys = keysOf(parts[part] as KeyRange);
      if (keys) for (const key of keys) this.pending.add(key);
      else if (part === name) this.all = true;
    }
    if (this.all || this.pending.size > 0) this.schedule(PACE);
  };

  private schedule(after: number): void {
    this.timer ??= setTimeout(() => {
      this.timer = null;
      this.refresh().catch((error: unknown) => {
        // Read anew with the next change. That storage is gone is said over everything, once.
        this.all = true;
        if (!isStorageGone(error)) throw error;
      });
    }, after);
  }

  private async refresh(): Promise<void> {
    if (this.all || !this.byId) {
      this.all = false;
      this.pending.clear();
      const records = await this.table().where("siteId").equals(this.siteId).toArray();
      this.byId = new Map(records.map((record) => [record.id, record]));
    } else {
      const keys = [...this.pending];
      this.pending.clear();
      const records = await this.table().bulkGet(keys as never[]);
      let changed = false;
      records.forEach((record, i) => {
        const key = keys[i] ?? "";
        if (record && record.siteId === this.siteId) changed = Boolean(this.byId?.set(key, record)) || changed;
        else if (!record) changed = this.byId?.delete(key) || changed;
      });
      if (!changed) return;
    }
    this.list = [...this.byId.values()].sort(this.order);
    for (const listener of this.listeners) listener();
  }
}
