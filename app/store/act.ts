import { followsPattern } from "#core/rewrite/edits";
import {
  type ActionRecord,
  type Change,
  db,
  type PageDerived,
  type PageOwn,
  type RecordedTable,
  type RedraftRecord,
} from "./db";
import { explainStorage } from "./faults";
import { allKept } from "./keeping";

/** A record to put, or to delete where `after` is null. Summaries follow from pages and are not recorded. */
export interface Put {
  table: RecordedTable | "summaries";
  key: string;
  after: unknown;
}

/** What is worked out from a page and its redraft is not compared: it may have been worked out again since. */
const DERIVED: Record<keyof PageDerived, true> = {
  name: true,
  title: true,
  titlePx: true,
  titleCut: true,
  description: true,
  descriptionPx: true,
  descriptionCut: true,
  slug: true,
  h1: true,
  levels: true,
  outlineFault: true,
  words: true,
  paragraphs: true,
  lists: true,
  pictures: true,
  withoutAlt: true,
  links: true,
  types: true,
  counts: true,
  rules: true,
  says: true,
  stamp: true,
  inSitemap: true,
  redirectedFrom: true,
};

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** Names in alphabetical order, so that it does not matter in which a record was written. */
function own(record: unknown): unknown {
  if (record === null || typeof record !== "object") return record;
  const guessed = (record as Partial<PageOwn>).kindBy === "guess";
  const entries = Object.entries(record).filter(([name]) => !(name in DERIVED) && !(guessed && name === "kind"));
  return entries.sort(([a], [b]) => (a < b ? -1 : 1));
}

/** Texts that follow a pattern move on by themselves: the pattern is the editor's, the text is not. */
function withoutMoved(record: unknown): unknown {
  const redraft = record as RedraftRecord | null;
  if (!redraft?.edits) return record;
  return { ...redraft, edits: redraft.edits.map((edit) => (followsPattern(edit) ? { ...edit, value: "" } : edit)) };
}

function sameRecord(table: RecordedTable, a: unknown, b: unknown): boolean {
  if (table === "pages") return same(own(a), own(b));
  return table === "redrafts" ? same(withoutMoved(a), withoutMoved(b)) : same(a, b);
}

async function put({ table, key, after }: Put): Promise<void> {
  await putAll(table, [{ table, key, after }]);
}

/** Puts records of one table, with what was there before; those that stay as they are are left out. */
async function putAll(table: Put["table"], puts: readonly Put[]): Promise<Change[]> {
  if (puts.length === 0) return [];
  const before: unknown[] =
    table === "summaries"
      ? []
      : await db()
          .table(table)
          .bulkGet(puts.map(({ key }) => key));
  const changes: Change[] = [];
  const kept: unknown[] = [];
  const gone: string[] = [];
  puts.forEach(({ key, after }, i) => {
    const [was, is] = [before[i] ?? null, after ?? null];
    if (table !== "summaries" && same(was, is)) return;
    if (table !== "summaries") changes.push({ table, key, before: was, after: is });
    if (is === null) gone.push(key);
    else kept.push(is);
  });
  if (kept.length > 0) await db().table(table).bulkPut(kept);
  if (gone.length > 0) {
    await db().table(table).bulkDelete(gone);
    if (table === "pages") await db().summaries.bulkDelete(gone);
  }
  return changes;
}

/** Every table that an action may write. */
const TABLES: readonly Put["table"][] = ["sites", "summaries", "pages", "redrafts", "setAsides"];

/** Actions on one field within this time are one step of undo. */
const MERGE_MS = 2500;
/** Changes in one record of an action: a record must stay small enough to be read at once. */
const CHANGES = 400;
/** Actions that are kept; older ones cannot be undone any more. */
const KEPT_ACTIONS = 2000;

export interface ActOptions {
  /** Actions of one kind on one field that follow each other closely are one. */
  merge?: string | null;
  /** Actions of one group, such as the pages of one queue, are undone together. */
  group?: string | null;
}

/**
 * Carries out one user action: one transaction, with a record of what each record was and is. Fails with a `StorageFault`
 * and changes nothing.
 */
export async function act(
  siteId: string,
  label: string,
  puts: readonly Put[],
  options: ActOptions = {},
): Promise<void> {
  const { merge = null } = options;
  const tables = [
    ...new Set(puts.flatMap((p) => (p.table === "pages" ? ["pages", "summaries"] : [p.table]))),
    "actions",
  ];
  try {
    await db().transaction("rw", tables, async () => {
      const changes = (
        await Promise.all(
          TABLES.map((table) =>
            putAll(
              table,
              puts.filter((one) => one.table === table),
            ),
          ),
        )
      ).flat();
      if (changes.length === 0) return;
      await db().actions.where("[siteId+undone]").equals([siteId, 1]).delete();
      const last = await db().actions.where("[siteId+undone]").equals([siteId, 0]).last();
      const at = new Date().toISOString();
      if (last && merge !== null && last.merge === merge && Date.parse(at) - Date.parse(last.at) < MERGE_MS) {
        await db().actions.put({ ...last, at, changes: merged(last.changes, changes) });
        return;
      }
      const group = options.group ?? (changes.length > CHANGES ? crypto.randomUUID() : null);
      for (let i = 0; i < changes.length; i += CHANGES) {
        await db().actions.add({ siteId, at, label, merge, group, undone: 0, changes: changes.slice(i, i + CHANGES) });
      }
      await forget(siteId);
    });
  } catch (error) {
    throw explainStorage(error);
  }
}

/** Drops the oldest actions. */
async function forget(siteId: string): Promise<void> {
  const done = db().actions.where("[siteId+undone]").equals([siteId, 0]);
  const many = (await done.count()) - KEPT_ACTIONS;
  if (many > 0) await db().actions.bulkDelete(await done.limit(many).primaryKeys());
}

function merged(first: readonly Change[], second: readonly Change[]): Change[] {
  const all = new Map(first.map((change) => [`${change.table} ${change.key}`, change]));
  for (const change of second) {
    const earlier = all.get(`${change.table} ${change.key}`);
    all.set(`${change.table} ${change.key}`, earlier ? { ...earlier, after: change.after } : change);
  }
  return [...all.values()];
}

export interface Undone {
  label: string;
  /** Records that have changed since, and were left as they are. */
  left: number;
}

async function step(siteId: string, direction: "undo" | "redo"): Promise<Undone | null> {
  const from = direction === "undo" ? 0 : 1;
  try {
    await allKept();
    return await db().transaction("rw", [...TABLES, "actions"], async () => {
      const candidates = () => db().actions.where("[siteId+undone]").equals([siteId, from]);
      const next = direction === "undo" ? await candidates().last() : await candidates().first();
      if (!next) return null;
      const { group } = next;
      const actions =
        group === null
          ? [next]
          : await candidates()
              .filter((action) => action.group === group)
              .toArray();
      if (direction === "undo") actions.reverse();
      let left = 0;
      for (const action of actions) left += await stepOne(action, direction);
      return { label: next.label, left };
    });
  } catch (error) {
    throw explainStorage(error);
  }
}

async function stepOne(action: ActionRecord, direction: "undo" | "redo"): Promise<number> {
  let left = 0;
  for (const { table, key, before, after } of direction === "undo" ? action.changes.toReversed() : action.changes) {
    const [expected, next] = direction === "undo" ? [after, before] : [before, after];
    const now = (await db().table(table).get(key)) ?? null;
    if (!sameRecord(table, now, expected)) left++;
    // A page that comes back is worked out again: the house style may have changed meanwhile.
    else
      await put({ table, key, after: table === "pages" && next !== null ? { ...(next as object), stamp: "" } : next });
  }
  await db().actions.put({ ...action, undone: direction === "undo" ? 1 : 0 });
  return left;
}

/** Takes the last action back, record by record where it still stands; null where there is nothing to undo. */
export const undo = (siteId: string) => step(siteId, "undo");

/** Does again what was undone last. */
export const redo = (siteId: string) => step(siteId, "redo");
