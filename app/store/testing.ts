import { zipFiles } from "#core/exchange/zip";
import { originalFromText } from "#core/page/original";
import { carryOverPage, keepAgain } from "./bring-again";
import { newPage, newSite } from "./bring-in";
import { db } from "./db";
import { putExamined } from "./freshen";
import { changedPages, handOverSite } from "./hand-over";
import { loadPageRecord, type PageRecord } from "./page-record";
import { readBackup } from "./read-backup";
import { type Incoming, readIncoming } from "./read-incoming";
import type { SiteRecord } from "./records/sites";
import { keepRedrafted, type PageChange, redraftPage } from "./redraft-pages";
import { differencesFrom, restoreBackup } from "./restore";
import { transact } from "./transact";
import { writePage } from "./write-page";

/** The day on which tests work. */
export const TODAY = "2026-11-23";

/** A site with nothing in it yet. */
export async function openSite(): Promise<SiteRecord> {
  await db().open();
  const site = newSite("Quay", "https://quay.example/", { brand: "Quay" });
  await db().sites.put(site);
  return site;
}

export async function emptyStorage(): Promise<void> {
  await Promise.all(db().tables.map((table) => table.clear()));
}

export const incoming = (source: string, address = "https://quay.example/lamp"): Incoming => ({
  path: "",
  source: originalFromText(source),
  address,
  addressGiven: true,
  phrase: "",
  supporting: [],
});

export const stored = async (id: string) => (await loadPageRecord(id)) as PageRecord;

/** A page kept as the application keeps it, without the pool. */
export async function keptPage(site: SiteRecord, source: string, address?: string): Promise<PageRecord> {
  const read = await readIncoming(site.id, incoming(source, address), site.houseStyle, TODAY);
  await db().originals.put(read.original);
  const page = newPage(site, read, 0);
  await transact(site.id, "Bring in", async (tx) => {
    await tx.put("pages", page);
    await putExamined(tx, page, read);
  });
  return stored(read.id);
}

/** Works a change of a page out as the pool does; it is made by what comes back, which says whether it could be. */
export async function workedOut(
  site: SiteRecord,
  change: PageChange,
  label = "Title",
): Promise<() => Promise<boolean>> {
  const made = await redraftPage(site, change, TODAY);
  return async () => made !== null && (await transact(site.id, label, (tx) => keepRedrafted(tx, change, made)));
}

/** Gives a page another title, as a bulk change does. */
export async function retitled(site: SiteRecord, { id }: PageRecord, text: string, pattern?: string): Promise<void> {
  const keep = await workedOut(site, {
    pageId: id,
    texts: [{ field: "title", text, ...(pattern !== undefined && { pattern }) }],
  });
  await keep();
}

/** Hands over all changed pages of a site, without the pool. */
export const handedOver = async (site: SiteRecord) =>
  handOverSite(
    await changedPages(site.id),
    {},
    {
      write: (ids) => Promise.all(ids.map(writePage)),
      zip: async (files) => zipFiles(files),
    },
  );

/** Brings a page in again from another source, without the pool. */
export async function broughtAgain(site: SiteRecord, { id }: PageRecord, source: string) {
  for (;;) {
    const again = await carryOverPage(site, id, incoming(source), TODAY);
    if (!again) throw new Error("The page is gone.");
    if (again.original) await db().originals.put(again.original);
    if (await transact(site.id, "Bring in again", (tx) => keepAgain(tx, again))) return again;
  }
}

/** Restores a backup, and takes what it has of everything that differs. */
export async function restored(json: string): Promise<{ sites: number; pages: number } | { reason: string }> {
  const backup = readBackup(json);
  if ("reason" in backup) return backup;
  return restoreBackup(backup, new Set((await differencesFrom(backup)).map(({ id }) => id)));
}
