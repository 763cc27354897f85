import { useLiveQuery } from "dexie-react-hooks";
import type { LineUp } from "#core/result/line-up";
import { db } from "./db";
import type { LineUpRecord, RivalRecord } from "./records/line-ups";
import type { StoredPage } from "./records/pages";
import { today } from "./today";
import { transact } from "./transact";

/** The line-ups of a site, the latest seen first; undefined until they have been read. */
export const useLineUps = (siteId: string): LineUpRecord[] | undefined =>
  useLiveQuery(
    async () =>
      (await db().lineUps.where("siteId").equals(siteId).toArray()).sort(
        (a, b) => b.seen.localeCompare(a.seen) || a.phrase.localeCompare(b.phrase),
      ),
    [siteId],
  );

/** Begins a line-up for a page; its id. */
export async function addLineUp(page: Pick<StoredPage, "id" | "siteId">, fields: Partial<LineUp>): Promise<string> {
  const id = crypto.randomUUID();
  const { id: pageId, siteId } = page;
  const empty: LineUp = {
    phrase: "",
    place: "",
    seen: today(),
    others: [],
    places: [{ at: 1, take: "" }],
    shown: null,
  };
  await transact(siteId, "Begin a line-up", (tx) => tx.put("lineUps", { ...empty, ...fields, id, siteId, pageId }));
  return id;
}

/** Changes what a line-up says, as it is stored at this moment. */
export function changeLineUp(
  { id, siteId }: Pick<LineUpRecord, "id" | "siteId">,
  change: (was: LineUpRecord) => Partial<LineUp>,
  label = "Line-up",
): Promise<void> {
  return transact(siteId, label, (tx) => tx.update("lineUps", id, (was) => ({ ...was, ...change(was) })));
}

export function removeLineUp({ id, siteId }: LineUpRecord): Promise<void> {
  return transact(siteId, "Let the line-up go", (tx) => tx.remove("lineUps", id));
}

const rivalAt = (siteId: string, address: string) => db().rivals.where({ siteId, address }).first();

/** A page of somebody else that was brought in; null where it was not, undefined until that is known. */
export const useRival = (siteId: string, address: string): RivalRecord | null | undefined =>
  useLiveQuery(async () => (await rivalAt(siteId, address)) ?? null, [siteId, address]);

/** Keeps a rival's page, in the place of what was fetched of it before. */
export async function keepRival(siteId: string, address: string, source: string): Promise<void> {
  const id = (await rivalAt(siteId, address))?.id ?? crypto.randomUUID();
  await db().rivals.put({ id, siteId, address, source, at: new Date().toISOString() });
}
