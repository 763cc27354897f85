import { db } from "./db";
import { explainStorage } from "./faults";
import { loadSites } from "./sites";

/** How long a site that was removed can be put back, in milliseconds. */
const KEPT = 24 * 60 * 60 * 1000;

/** Forgets the sites that were removed more than a day before `now`, with all that is kept of them. */
export async function forgetRemoved(now: string): Promise<void> {
  const { removed } = await loadSites();
  const before = new Date(Date.parse(now) - KEPT).toISOString();
  for (const { id } of removed.filter(({ removedAt = "" }) => removedAt < before)) await forgetSite(id);
}

async function forgetSite(id: string): Promise<void> {
  try {
    await db().transaction("rw", db().tables, async () => {
      const queues = await db().queues.where("siteId").equals(id).primaryKeys();
      for (const queue of queues)
        await db().queueItems.where("[queueId+state]").between([queue, ""], [queue, "\uffff"]).delete();
      for (const table of db().tables) {
        const { name } = table;
        if (name === "actions") await table.where("[siteId+undone]").between([id, 0], [id, 1], true, true).delete();
        else if (name === "sites") await table.delete(id);
        else if (table.schema.idxByName.siteId) await table.where("siteId").equals(id).delete();
      }
    });
  } catch (error) {
    throw explainStorage(error);
  }
}

/** How much is kept of a site: bytes of its pages' originals and of its files, as they are packed. */
export async function bytesOf(siteId: string): Promise<number> {
  let bytes = 0;
  await db()
    .originals.where("siteId")
    .equals(siteId)
    .each(({ packed }) => {
      bytes += packed.byteLength;
    });
  await db()
    .fileBytes.where("siteId")
    .equals(siteId)
    .each(({ bytes: file }) => {
      bytes += file.byteLength;
    });
  return bytes;
}
