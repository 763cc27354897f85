import { type Change, db, type RecordedTable } from "./db";
import { explainStorage } from "./faults";

/** A record to put, or to delete where `after` is null. */
export interface Put {
  table: RecordedTable;
  key: string;
  after: unknown;
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

async function put({ table, key, after }: Put): Promise<void> {
  if (after === null || after === undefined) await db().table(table).delete(key);
  else await db().table(table).put(after);
}

/** Actions on one field within this time are one step of undo. */
const MERGE_MS = 2500;

/**
 * Carries out one user action: one transaction, with a record of what each record was and is. Fails with a `StorageFault`
 * and changes nothing.
 */
export async function act(
  siteId: string,
  label: string,
  puts: readonly Put[],
  merge: string | null = null,
): Promise<void> {
  const tables = [...new Set(puts.map((p) => p.table)), "actions"];
  try {
    await db().transaction("rw", tables, async () => {
      const changes: Change[] = [];
      for (const one of puts) {
        const before = (await db().table(one.table).get(one.key)) ?? null;
        if (same(before, one.after ?? null)) continue;
        changes.push({ table: one.table, key: one.key, before, after: one.after ?? null });
        await put(one);
      }
      if (changes.length === 0) return;
      await db().actions.where("[siteId+undone]").equals([siteId, 1]).delete();
      const last = await db().actions.where("[siteId+undone]").equals([siteId, 0]).last();
      const at = new Date().toISOString();
      if (last && merge !== null && last.merge === merge && Date.parse(at) - Date.parse(last.at) < MERGE_MS) {
        await db().actions.put({ ...last, at, changes: merged(last.changes, changes) });
      } else {
        await db().actions.add({ siteId, at, label, merge, undone: 0, changes });
      }
    });
  } catch (error) {
    throw explainStorage(error);
  }
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
  const tables: (RecordedTable | "actions")[] = ["sites", "pages", "summaries", "redrafts", "setAsides", "actions"];
  try {
    return await db().transaction("rw", tables, async () => {
      const candidates = db().actions.where("[siteId+undone]").equals([siteId, from]);
      const action = direction === "undo" ? await candidates.last() : await candidates.first();
      if (!action) return null;
      let left = 0;
      for (const { table, key, before, after } of action.changes) {
        const [expected, next] = direction === "undo" ? [after, before] : [before, after];
        const now = (await db().table(table).get(key)) ?? null;
        if (same(now, expected)) await put({ table, key, after: next });
        else left++;
      }
      await db().actions.put({ ...action, undone: direction === "undo" ? 1 : 0 });
      return { label: action.label, left };
    });
  } catch (error) {
    throw explainStorage(error);
  }
}

/** Takes the last action back, record by record where it still stands; null where there is nothing to undo. */
export const undo = (siteId: string) => step(siteId, "undo");

/** Does again what was undone last. */
export const redo = (siteId: string) => step(siteId, "redo");
