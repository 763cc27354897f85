import Dexie, { type PromiseExtended } from "dexie";
import { isFound } from "#core/findings/found";
import { fingerprint } from "#core/page/fingerprint";
import type { Edit } from "#core/rewrite/edits";
import { followsPattern } from "#core/rewrite/follows-pattern";
import { db } from "./db";
import { explainStorage } from "./faults";
import { allKept } from "./keeping";
import type { ActionRecord, Difference } from "./records/actions";
import { type RecordOf, TABLES, WRITTEN, type Written } from "./records/all";
import type { ChangeRecord } from "./records/changes";
import { type ChangeFacts, NO_FACTS, NOTHING_DERIVED } from "./records/derived";
import type { StoredPage } from "./records/pages";
import type { SetAsideRecord } from "./records/set-asides";

const RECORDED = WRITTEN.filter((name) => TABLES[name].undo === "own");

type Row = Record<string, unknown> & { id: string };

/** What one transaction reads and writes. What it writes is seen by what it reads after that, and kept at its end. */
export interface Tx {
  get<N extends Written>(table: N, id: string): Promise<RecordOf<N> | undefined>;
  /** Records in the order of their ids; those that are gone are left out. */
  all<N extends Written>(table: N, ids: readonly string[]): Promise<RecordOf<N>[]>;
  /** Every record whose `field`, which is indexed, has a value. */
  of<N extends Written>(table: N, field: "siteId" | "pageId", value: string): Promise<RecordOf<N>[]>;
  /** Reads at once what `of` will be asked for, one after the other. */
  foresee(table: Written, field: "siteId" | "pageId", values: readonly string[]): Promise<void>;
  /** Changes a record as it is stored at this moment; nothing where it is gone. */
  update<N extends Written>(table: N, id: string, change: (was: RecordOf<N>) => RecordOf<N>): Promise<void>;
  put<N extends Written>(table: N, record: RecordOf<N>): Promise<void>;
  /** Puts a record whose id was made just now, so that it need not be looked for. */
  add<N extends Written>(table: N, record: RecordOf<N>): Promise<void>;
  remove(table: Written, id: string): Promise<void>;
}

export interface ActOptions {
  /** Actions of one kind on one field that follow each other closely are one. */
  merge?: string | null;
  /** Actions of one group, such as the pages of one queue, are undone together. */
  group?: string | null;
}

const same = (a: unknown, b: unknown) => JSON.stringify(ordered(a)) === JSON.stringify(ordered(b));

/** Names in alphabetical order: it does not matter in which order a record was written. */
function ordered(value: unknown): unknown {
  if (value === null || typeof value !== "object" || ArrayBuffer.isView(value)) return value;
  if (Array.isArray(value)) return value.map(ordered);
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([name, one]) => [name, ordered(one)]),
  );
}

/** Dexie's own promises: a transaction ends where it is waited for others at length, without anything being asked of it. */
type Reading = PromiseExtended<void>;
const READ: Reading = Dexie.Promise.resolve() as Reading;

/** Records as a transaction found and as it leaves them. */
class Ledger implements Tx {
  private readonly was = new Map<Written, Map<string, Row | null>>(WRITTEN.map((name) => [name, new Map()]));
  private readonly is = new Map<Written, Map<string, Row | null>>(WRITTEN.map((name) => [name, new Map()]));

  private found = (table: Written) => this.was.get(table) as Map<string, Row | null>;
  private left = (table: Written) => this.is.get(table) as Map<string, Row | null>;

  /** What has to be read is read; what is known already is known at once. */
  private read(table: Written, ids: readonly string[]): Reading {
    const found = this.found(table);
    const unread = [...new Set(ids)].filter((id) => !found.has(id));
    if (unread.length === 0) return READ;
    return db()
      .table(table)
      .bulkGet(unread)
      .then((rows) => {
        for (const [i, id] of unread.entries()) found.set(id, (rows[i] as Row | undefined) ?? null);
      });
  }

  /** Ids of what is left under a value of an index: of thousands of records few are a page's. */
  private readonly leftUnder = new Map<string, Set<string>>();

  private leave(table: Written, id: string, row: Row | null): void {
    this.left(table).set(id, row);
    for (const field of ["siteId", "pageId"] as const) {
      const value = row?.[field];
      if (typeof value !== "string") continue;
      const name = `${table} ${field} ${value}`;
      const ids = this.leftUnder.get(name);
      if (ids) ids.add(id);
      else this.leftUnder.set(name, new Set([id]));
    }
  }

  private now(table: Written, id: string): Row | null {
    const left = this.left(table);
    return (left.has(id) ? left.get(id) : this.found(table).get(id)) ?? null;
  }

  all<N extends Written>(table: N, ids: readonly string[]): PromiseExtended<RecordOf<N>[]> {
    return this.read(table, ids).then(() => ids.flatMap((id) => (this.now(table, id) ?? []) as RecordOf<N>[]));
  }

  get<N extends Written>(table: N, id: string): PromiseExtended<RecordOf<N> | undefined> {
    return this.all(table, [id]).then(([record]) => record);
  }

  /** Ids of what was stored under a value of an index, for those that were asked for. */
  private readonly indexed = new Map<string, Set<string>>();

  foresee(table: Written, field: string, values: readonly string[]): Reading {
    const unread = values.filter((value) => !this.indexed.has(`${table} ${field} ${value}`));
    if (unread.length === 0) return READ;
    return db()
      .table(table)
      .where(field)
      .anyOf(unread)
      .toArray((rows: Row[]) => {
        for (const value of unread) this.indexed.set(`${table} ${field} ${value}`, new Set());
        const found = this.found(table);
        for (const row of rows) {
          if (!found.has(row.id)) found.set(row.id, row);
          this.indexed.get(`${table} ${field} ${row[field]}`)?.add(row.id);
        }
      });
  }

  of<N extends Written>(table: N, field: string, value: string): PromiseExtended<RecordOf<N>[]> {
    return this.foresee(table, field, [value]).then(() => {
      const name = `${table} ${field} ${value}`;
      const ids = new Set([...(this.indexed.get(name) ?? []), ...(this.leftUnder.get(name) ?? [])]);
      return [...ids]
        .flatMap((id) => this.now(table, id) ?? [])
        .filter((row) => row[field] === value) as unknown as RecordOf<N>[];
    });
  }

  update<N extends Written>(table: N, id: string, change: (was: RecordOf<N>) => RecordOf<N>): Reading {
    return this.get(table, id).then((was) => {
      if (was) this.leave(table, id, change(was) as unknown as Row);
    });
  }

  put<N extends Written>(table: N, record: RecordOf<N>): Reading {
    const row = record as unknown as Row;
    const { uncompared }: { uncompared?: boolean } = TABLES[table];
    if (uncompared) {
      this.leave(table, row.id, row);
      return READ;
    }
    return this.read(table, [row.id]).then(() => this.leave(table, row.id, row));
  }

  add<N extends Written>(table: N, record: RecordOf<N>): Reading {
    const row = record as unknown as Row;
    this.found(table).set(row.id, null);
    this.leave(table, row.id, row);
    return READ;
  }

  remove(table: Written, id: string): Reading {
    return this.read(table, [id]).then(() => this.leave(table, id, null));
  }

  /** Whether a record was written here, or taken away. */
  wrote = (table: Written, id: string): boolean => this.left(table).has(id);

  /** Records of a table that differ from what was found. */
  differing(table: Written): { id: string; was: Row | null; is: Row | null }[] {
    return [...this.left(table)].flatMap(([id, is]) => {
      const was = this.found(table).get(id) ?? null;
      // What is new or gone need not be compared.
      const alike = was === is || (was && is && same(was, is));
      return alike ? [] : { id, was, is };
    });
  }

  async flush(): Promise<void> {
    for (const table of WRITTEN) {
      const differing = this.differing(table);
      const kept = differing.flatMap(({ is }) => is ?? []);
      const gone = differing.flatMap(({ id, is }) => (is ? [] : id));
      if (kept.length > 0) await db().table(table).bulkPut(kept);
      if (gone.length > 0) await db().table(table).bulkDelete(gone);
    }
  }
}

/** Names what a redraft says, so that it can be seen whether it has moved on; "" where it says nothing. */
export const fingerprintOf = (edits: readonly Edit[]): string =>
  edits.length === 0 ? "" : fingerprint(JSON.stringify(edits));

/** What a page's changes say of it. */
export function factsOf(changes: readonly ChangeRecord[], { handedAt, withdrawn }: StoredPage): ChangeFacts {
  const open = changes.filter(isPart).sort((a, b) => a.order - b.order);
  const patterned = open
    .filter(({ edit }) => followsPattern(edit))
    .map(({ edit }) => (edit.op === "set-title" ? ("title" as const) : ("description" as const)));
  return {
    edits: open.length,
    patterned,
    conflicts: changes.filter(({ state }) => state === "undecided").length,
    settled: changes.filter(({ state }) => state === "settled").length,
    fingerprint: fingerprintOf(open.map(({ edit }) => edit)),
    again: handedAt !== null && (withdrawn || open.some(({ edit, handed }) => !same(edit, handed))),
  };
}

/** Whether a change is part of the redraft. */
export const isPart = ({ state }: ChangeRecord): boolean => state !== "settled" && state !== "undecided";

/** Whether something has changed that a page's findings and its row follow from. */
function isSeen(table: "pages" | "changes", was: Row | null, is: Row | null): boolean {
  const unseen: readonly string[] = TABLES[table].unseen ?? [];
  return (
    !was || !is || Object.keys({ ...was, ...is }).some((name) => !unseen.includes(name) && !same(was[name], is[name]))
  );
}

/**
 * What follows from the pages that a transaction has touched: the facts of their changes hold at once; what has to be worked
 * out from the source is marked, unless the transaction brought it along.
 */
async function follow(tx: Ledger): Promise<void> {
  const touched = new Map<string, boolean>();
  const touch = (id: string, seen: boolean) => touched.set(id, seen || touched.get(id) === true);
  for (const { id, was, is } of tx.differing("pages")) touch(id, isSeen("pages", was, is));
  for (const { was, is } of tx.differing("changes")) {
    const change = (is ?? was) as unknown as ChangeRecord;
    touch(change.pageId, isSeen("changes", was, is));
    if (!is && change.handed) await tx.update("pages", change.pageId, (page) => ({ ...page, withdrawn: true }));
  }
  for (const { was, is } of tx.differing("setAsides")) {
    const { pageId, rule, siteId } = (is ?? was) as unknown as SetAsideRecord;
    if (pageId !== null) touch(pageId, true);
    // What is taken back up may be found on any page.
    else
      for (const row of await tx.of("derived", "siteId", siteId))
        if (!is || isFound(row.found, rule)) touch(row.id, true);
  }
  await tx.foresee("changes", "pageId", [...touched.keys()]);
  await tx.all("pages", [...touched.keys()]);
  await tx.all("derived", [...touched.keys()]);
  for (const [id, seen] of touched) {
    const page = await tx.get("pages", id);
    const changes = await tx.of("changes", "pageId", id);
    if (!page) {
      for (const change of changes) await tx.remove("changes", change.id);
      for (const table of ["takes", "lineUps"] as const)
        for (const one of await tx.of(table, "pageId", id)) await tx.remove(table, one.id);
      await tx.remove("derived", id);
      await tx.remove("facets", id);
      continue;
    }
    const before = (await tx.get("derived", id)) ?? { ...NOTHING_DERIVED, ...NO_FACTS, id, siteId: page.siteId };
    const stamp = seen && !tx.wrote("derived", id) ? "" : before.stamp;
    await tx.put("derived", { ...before, ...factsOf(changes, page), stamp });
  }
}

/** What became of one record, without what passes; null where nothing of it is the editor's. */
function difference(
  table: Written,
  { id, was, is }: { id: string; was: Row | null; is: Row | null },
): Difference | null {
  if (!was) return is && { table, key: id, added: is };
  if (!is) return { table, key: id, removed: was };
  const passing: readonly string[] = TABLES[table].passing ?? [];
  const names = [...new Set([...Object.keys(was), ...Object.keys(is)])].filter(
    (name) => !passing.includes(name) && !same(was[name], is[name]),
  );
  if (names.length === 0) return null;
  return { table, key: id, fields: Object.fromEntries(names.map((name) => [name, [was[name], is[name]]])) };
}

/** Actions on one field within this time are one step of undo. */
const MERGE_MS = 2500;
/** Differences in one record of an action: a record must stay small enough to be read at once. */
const DIFFERENCES = 400;
/** Actions that are kept; older ones cannot be undone any more. */
const KEPT_ACTIONS = 2000;

async function run<R>(work: (tx: Ledger) => Promise<R>): Promise<R> {
  try {
    return await db().transaction("rw", [...WRITTEN, "actions"], async () => {
      const tx = new Ledger();
      const result = await work(tx);
      await tx.flush();
      return result;
    });
  } catch (error) {
    throw explainStorage(error);
  }
}

/**
 * Carries out one user action: one transaction, whose writes are functions of what is stored at that moment, with a record of
 * what differed, field by field. Fails with a `StorageFault` and changes nothing.
 */
export function transact<R>(
  siteId: string,
  label: string,
  work: (tx: Tx) => Promise<R>,
  options: ActOptions = {},
): Promise<R> {
  return run(async (tx) => {
    const result = await work(tx);
    await follow(tx);
    const differences = RECORDED.flatMap((table) => tx.differing(table).flatMap((one) => difference(table, one) ?? []));
    if (differences.length > 0) await record(siteId, label, differences, options);
    return result;
  });
}

/** Writes what is no action of the editor's: what was learnt, what was handed over, what follows from the pages. */
export const write = <R>(work: (tx: Tx) => Promise<R>): Promise<R> =>
  run(async (tx) => {
    const result = await work(tx);
    await follow(tx);
    return result;
  });

async function record(
  siteId: string,
  label: string,
  differences: Difference[],
  { merge = null, group: asked = null }: ActOptions,
): Promise<void> {
  await db().actions.where("[siteId+undone]").equals([siteId, 1]).delete();
  const last = await db().actions.where("[siteId+undone]").equals([siteId, 0]).last();
  const at = new Date().toISOString();
  if (last && merge !== null && last.merge === merge && Date.parse(at) - Date.parse(last.at) < MERGE_MS) {
    await db().actions.put({ ...last, at, differences: merged(last.differences, differences) });
    return;
  }
  const group = asked ?? (differences.length > DIFFERENCES ? crypto.randomUUID() : null);
  for (let i = 0; i < differences.length; i += DIFFERENCES) {
    const part = differences.slice(i, i + DIFFERENCES);
    await db().actions.add({ siteId, at, label, merge, group, undone: 0, differences: part });
  }
  await forget(siteId);
}

/** Drops the oldest actions. */
async function forget(siteId: string): Promise<void> {
  const done = db().actions.where("[siteId+undone]").equals([siteId, 0]);
  const many = (await done.count()) - KEPT_ACTIONS;
  if (many > 0) await db().actions.bulkDelete(await done.limit(many).primaryKeys());
}

/** Two actions as one: of each field what it was first and is last. */
function merged(first: readonly Difference[], second: readonly Difference[]): Difference[] {
  const all = new Map(first.map((one) => [`${one.table} ${one.key}`, one]));
  for (const later of second) {
    const at = `${later.table} ${later.key}`;
    const earlier = all.get(at);
    if (!earlier) all.set(at, later);
    else if ("added" in earlier && "removed" in later) all.delete(at);
    else if ("added" in earlier && "fields" in later) {
      const is = Object.fromEntries(Object.entries(later.fields).map(([name, [, value]]) => [name, value]));
      all.set(at, { ...earlier, added: { ...earlier.added, ...is } });
    } else if ("fields" in earlier && "removed" in later) {
      const was = Object.fromEntries(Object.entries(earlier.fields).map(([name, [value]]) => [name, value]));
      all.set(at, { ...later, removed: { ...later.removed, ...was } });
    } else if ("fields" in earlier && "fields" in later) {
      const fields = { ...earlier.fields };
      for (const [name, [was, is]] of Object.entries(later.fields)) {
        const first = fields[name];
        fields[name] = [first ? first[0] : was, is];
      }
      all.set(at, { ...earlier, fields });
    } else all.set(at, later);
  }
  return [...all.values()];
}

export interface Undone {
  label: string;
  /** Records of which something has changed since, which was left as it is. */
  left: number;
}

async function step(siteId: string, direction: "undo" | "redo"): Promise<Undone | null> {
  const from = direction === "undo" ? 0 : 1;
  await allKept();
  return run(async (tx) => {
    const candidates = () => db().actions.where("[siteId+undone]").equals([siteId, from]);
    const next: ActionRecord | undefined =
      direction === "undo" ? await candidates().last() : await candidates().first();
    if (!next) return null;
    const { group } = next;
    const actions =
      group === null
        ? [next]
        : await candidates()
            .filter((action) => action.group === group)
            .toArray();
    if (direction === "undo") actions.reverse();
    // All that is put back is read at once: record by record a change of many pages takes minutes.
    for (const table of WRITTEN)
      await tx.all(
        table,
        actions.flatMap(({ differences }) => differences.flatMap((one) => (one.table === table ? one.key : []))),
      );
    const left = new Set<string>();
    for (const action of actions) {
      const differences = direction === "undo" ? action.differences.toReversed() : action.differences;
      for (const one of differences) if (!(await stepOne(tx, one, direction))) left.add(`${one.table} ${one.key}`);
      await db().actions.put({ ...action, undone: direction === "undo" ? 1 : 0 });
    }
    await follow(tx);
    return { label: next.label, left: left.size };
  });
}

/** Puts one difference back, or makes it again, where the record still stands so; whether all of it was. */
async function stepOne(tx: Tx, one: Difference, direction: "undo" | "redo"): Promise<boolean> {
  const table = one.table as Written;
  const now = (await tx.get(table, one.key)) as unknown as Row | undefined;
  const appears = "fields" in one ? null : "added" in one === (direction === "redo");
  if ("fields" in one) {
    if (!now) return false;
    let all = true;
    const next = { ...now };
    for (const [name, [was, is]] of Object.entries(one.fields)) {
      const [expected, wanted] = direction === "undo" ? [is, was] : [was, is];
      if (!stands(table, name, now[name], expected)) all = false;
      else if (wanted === undefined) delete next[name];
      else next[name] = wanted;
    }
    await tx.put(table, next as never);
    return all;
  }
  const record = ("added" in one ? one.added : one.removed) as Row;
  if (appears) {
    if (now) return false;
    await tx.put(table, record as never);
    return true;
  }
  const passing: readonly string[] = TABLES[table].passing ?? [];
  if (
    !now ||
    !Object.keys(record).every((name) => passing.includes(name) || stands(table, name, now[name], record[name]))
  )
    return false;
  await tx.remove(table, one.key);
  return true;
}

function stands(table: Written, field: string, now: unknown, expected: unknown): boolean {
  const compared = TABLES[table].compared ?? ((_: string, value: unknown) => value);
  return same(compared(field, now), compared(field, expected));
}

/** Takes the last action back, field by field where it still stands; null where there is nothing to undo. */
export const undo = (siteId: string) => step(siteId, "undo");

/** Does again what was undone last. */
export const redo = (siteId: string) => step(siteId, "redo");
