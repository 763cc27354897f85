import { db } from "./db";
import type { Tx } from "./transact";

/**
 * Notes that pages were not on the site when they were looked for: they stay, with their changes, until the editor removes
 * them. It is part of the import that looked for them, so that undo takes it back with that, and it ends when a page is
 * brought in again.
 */
export async function noteGone(tx: Tx, ids: readonly string[]): Promise<void> {
  const goneSince = new Date().toISOString();
  for (const id of ids) await tx.update("pages", id, (page) => ({ ...page, goneSince: page.goneSince ?? goneSince }));
}

/** Above this share of a site's files, what comes in is taken for the site as a whole. */
const MOST = 1 / 2;

/**
 * Pages of a site that came from files and are not among those that come in now, by their ids; none where only some files come
 * in, since the others are hardly gone for that.
 */
export async function missingAmong(siteId: string, present: ReadonlySet<string>): Promise<string[]> {
  const fromFiles = (await db().pages.where("siteId").equals(siteId).toArray()).filter(({ file }) => file !== "");
  const missing = fromFiles.filter(({ id }) => !present.has(id));
  return missing.length < fromFiles.length * MOST ? missing.map(({ id }) => id) : [];
}
