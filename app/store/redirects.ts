import { useLiveQuery } from "dexie-react-hooks";
import { withRedirect } from "#core/address/redirects";
import { db } from "./db";
import type { StoredPage } from "./records/pages";
import type { RedirectRecord } from "./records/redirects";
import { type Tx, transact } from "./transact";

/** The redirects of a site that are to be set up; undefined until they have been read. */
export const useRedirects = (siteId: string): RedirectRecord[] | undefined =>
  useLiveQuery(() => db().redirects.where("siteId").equals(siteId).toArray(), [siteId]);

async function addRedirect(tx: Tx, siteId: string, from: string, to: string): Promise<void> {
  const before = await tx.of("redirects", "siteId", siteId);
  const after = withRedirect(before, { id: crypto.randomUUID(), siteId, from, to });
  const kept = new Set(after.map(({ id }) => id));
  for (const { id } of before) if (!kept.has(id)) await tx.remove("redirects", id);
  for (const one of after) await tx.put("redirects", one);
}

/** Pages that want one phrase become one: the others are to lead to the page that stays, and want it no more. */
export function mergeInto(siteId: string, page: Pick<StoredPage, "id" | "address">, others: readonly string[]) {
  return transact(siteId, "Redirect to one page", async (tx) => {
    await tx.all("pages", [...others]);
    for (const id of others) {
      const other = await tx.get("pages", id);
      if (!other) continue;
      await addRedirect(tx, siteId, other.address, page.address);
      // By its stems it wanted the same: of another form it is another text.
      await tx.put("pages", { ...other, phrase: "" });
    }
  });
}

/** Takes a redirect off the list. */
export function removeRedirect({ id, siteId }: RedirectRecord): Promise<void> {
  return transact(siteId, "Take the redirect off", (tx) => tx.remove("redirects", id));
}
