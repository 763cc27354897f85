import { useLiveQuery } from "dexie-react-hooks";
import type { PerformanceRow, Period } from "#core/performance/performance";
import { db } from "./db";
import type { PerformanceRecord } from "./records/performance";

/** A period of which figures are kept. */
export type KeptPeriod = Omit<PerformanceRecord, "rows">;

/** The periods of a site that figures are kept of, the latest first; undefined until that has been read. */
export const usePeriods = (siteId: string): KeptPeriod[] | undefined =>
  useLiveQuery(async () => {
    const all = await db().performance.where("siteId").equals(siteId).toArray();
    return all
      .map(({ rows: _, ...period }): KeptPeriod => period)
      .sort((a, b) => (a.to === b.to ? b.from.localeCompare(a.from) : b.to.localeCompare(a.to)));
  }, [siteId]);

/** Keeps the figures of a period; of the same period they take the place of those that were kept. */
export function keepFigures(
  siteId: string,
  { from, to }: Period,
  file: string,
  rows: readonly PerformanceRow[],
): Promise<string> {
  const table = db().performance;
  return db().transaction("rw", table, async () => {
    const kept = await table.where("siteId").equals(siteId).toArray();
    const same = kept.find((one) => one.from === from && one.to === to);
    const id = same?.id ?? crypto.randomUUID();
    await table.put({ id, siteId, from, to, file, rows: [...rows] });
    return id;
  });
}

/** Lets the figures of a period go. */
export const dropFigures = (id: string): Promise<void> => db().performance.delete(id);
