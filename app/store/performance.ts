import { useLiveQuery } from "dexie-react-hooks";
import type { PerformanceRow, Period } from "#core/performance/performance";
import { db } from "./db";
import type { PeriodRecord } from "./records/performance";

/** The periods of a site that figures are kept of, the latest first; undefined until that has been read. */
export const usePeriods = (siteId: string): PeriodRecord[] | undefined =>
  useLiveQuery(async () => {
    const all = await db().periods.where("siteId").equals(siteId).toArray();
    return all.sort((a, b) => b.to.localeCompare(a.to) || b.from.localeCompare(a.from));
  }, [siteId]);

/** Keeps the figures of a period; of the same period they take the place of those that were kept. Returns its id. */
export function keepFigures(
  siteId: string,
  { from, to }: Period,
  file: string,
  rows: readonly PerformanceRow[],
): Promise<string> {
  const { periods, figures } = db();
  return db().transaction("rw", periods, figures, async () => {
    const kept = await periods.where("siteId").equals(siteId).toArray();
    const same = kept.flatMap((one) => (one.from === from && one.to === to ? one.id : []));
    await periods.bulkDelete(same);
    await figures.bulkDelete(same);
    // Others have another name: who shows those before asks anew.
    const id = crypto.randomUUID();
    await periods.put({ id, siteId, from, to, file });
    await figures.put({ id, siteId, rows: [...rows] });
    return id;
  });
}

/** Lets the figures of a period go. */
export function dropFigures(id: string): Promise<void> {
  const { periods, figures } = db();
  return db().transaction("rw", periods, figures, async () => {
    await periods.delete(id);
    await figures.delete(id);
  });
}
