import { db } from "./db";
import { write } from "./transact";

/**
 * Notes that pages were not on the site when it was looked for them: they stay, with their redrafts, until the editor lets
 * them go. It is no action of the editor's: there is nothing in it to undo, and it ends when a page is brought in again.
 */
export async function noteGone(ids: readonly string[]): Promise<void> {
  if (ids.length === 0) return;
  const goneSince = new Date().toISOString();
  await write(async (tx) => {
    for (const id of ids) await tx.update("pages", id, (page) => ({ ...page, goneSince: page.goneSince ?? goneSince }));
  });
}

/** Above this share of a site's files, what comes in is taken for the site as a whole. */
const MOST = 1 / 2;

/**
 * Pages of a site that came from files and are not among those that come in now; none where only some files come in, since
 * the others are hardly gone for that.
 */
export async function missingAmong(siteId: string, addresses: ReadonlySet<string>): Promise<string[]> {
  const fromFiles = (await db().pages.where("siteId").equals(siteId).toArray()).filter(({ file }) => file !== "");
  const missing = fromFiles.filter(({ address }) => !addresses.has(address));
  return missing.length < fromFiles.length * MOST ? missing.map(({ id }) => id) : [];
}
