import { useLiveQuery } from "dexie-react-hooks";
import { db } from "./db";
import type { StoredPage } from "./records/pages";
import type { TakeRecord } from "./records/takes";
import { transact, write } from "./transact";

/** A title and a description together. */
export interface Wording {
  title: string;
  description: string;
}

/** The takes of a page in the order of their letters, and its earlier wordings, the latest first; undefined until they have been read. */
export const useTakes = (pageId: string): TakeRecord[] | undefined =>
  useLiveQuery(async () => sorted(await db().takes.where("pageId").equals(pageId).toArray()), [pageId]);

/** Takes as they are listed: those to choose from first. */
export const sorted = (takes: readonly TakeRecord[]): TakeRecord[] =>
  [...takes].sort(
    (a, b) =>
      Number(a.usedUntil !== null) - Number(b.usedUntil !== null) ||
      (b.usedUntil ?? "").localeCompare(a.usedUntil ?? "") ||
      a.letter.length - b.letter.length ||
      a.letter.localeCompare(b.letter),
  );

/** The letter of the next take: the first that none has. */
export function nextLetter(takes: readonly Pick<TakeRecord, "letter">[]): string {
  const taken = new Set(takes.map(({ letter }) => letter));
  for (let n = 0; ; n++) {
    const letter = (n >= 26 ? String.fromCharCode(64 + Math.floor(n / 26)) : "") + String.fromCharCode(65 + (n % 26));
    if (!taken.has(letter)) return letter;
  }
}

export const sameWording = (a: Wording, b: Wording): boolean => a.title === b.title && a.description === b.description;

type OfPage = Pick<StoredPage, "id" | "siteId">;

/** Keeps a wording as a take; its id, or null where the page has it already (unless it is wanted `always`) or is gone. */
export async function addTake(
  page: OfPage,
  wording: Wording,
  reason = "",
  { always = false }: { always?: boolean } = {},
): Promise<string | null> {
  const id = crypto.randomUUID();
  let added = false;
  await transact(page.siteId, "Keep a take", async (tx) => {
    added = false;
    if (!(await tx.get("pages", page.id))) return;
    const takes = await tx.of("takes", "pageId", page.id);
    if (!always && takes.some((take) => take.usedUntil === null && sameWording(take, wording))) return;
    const { title, description } = wording;
    await tx.put("takes", {
      id,
      siteId: page.siteId,
      pageId: page.id,
      letter: nextLetter(takes),
      title,
      description,
      reason,
      at: new Date().toISOString(),
      usedUntil: null,
    });
    added = true;
  });
  return added ? id : null;
}

/** Rewords a take, or says why it is there. What is typed in one go is one action. */
export function changeTake(take: TakeRecord, fields: Partial<Wording & { reason: string }>): Promise<void> {
  const merge = `take ${take.id} ${Object.keys(fields).join()}`;
  return transact(
    take.siteId,
    `Take ${take.letter}`,
    (tx) => tx.update("takes", take.id, (was) => ({ ...was, ...fields })),
    {
      merge,
    },
  );
}

export function removeTake(take: TakeRecord): Promise<void> {
  return transact(take.siteId, `Let take ${take.letter} go`, (tx) => tx.remove("takes", take.id));
}

/**
 * Remembers the wording that was in use until now, where it is no take: another has been put in its place. It is no action of
 * the editor's: what is undone is the other wording.
 */
export function keepEarlier(page: OfPage, wording: Wording): Promise<void> {
  return write(async (tx) => {
    const takes = await tx.of("takes", "pageId", page.id);
    if ((wording.title === "" && wording.description === "") || takes.some((take) => sameWording(take, wording)))
      return;
    const now = new Date().toISOString();
    const { title, description } = wording;
    await tx.put("takes", {
      id: crypto.randomUUID(),
      siteId: page.siteId,
      pageId: page.id,
      letter: nextLetter(takes),
      title,
      description,
      reason: "",
      at: now,
      usedUntil: now,
    });
  });
}
