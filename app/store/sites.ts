import { db } from "./db";
import type { SiteRecord } from "./records/sites";

/** The sites of this browser; those that were removed a short while ago apart. */
export async function loadSites(): Promise<{ sites: SiteRecord[]; removed: SiteRecord[] }> {
  const all = await db().sites.toArray();
  return { sites: all.filter((one) => !one.removedAt), removed: all.filter((one) => one.removedAt) };
}
