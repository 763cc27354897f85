import type { SiteRecord } from "./records/sites";
import { transact } from "./transact";

/** A site under another name, or of another address: what is brought in without an address stands below that. */
export const describeSite = (id: string, said: Partial<Pick<SiteRecord, "name" | "address">>, label: string) =>
  transact(id, label, (tx) => tx.update("sites", id, (was) => ({ ...was, ...said })));

/** Takes a site out of sight. Everything of it stays for a day, so that it can be put back as it was. */
export const removeSite = (id: string, now: string): Promise<unknown> =>
  transact(id, "Remove the site", (tx) => tx.update("sites", id, (was) => ({ ...was, removedAt: now })));

/** Puts a site back that was removed. */
export const putSiteBack = (id: string): Promise<unknown> =>
  transact(id, "Put the site back", (tx) => tx.update("sites", id, ({ removedAt: _, ...was }) => was));
