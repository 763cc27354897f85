import type { CarriedOver } from "#core/rewrite/carry-over";
import { type Edit, slotOf } from "#core/rewrite/edits";
import { db } from "./db";
import type { ChangeRecord } from "./records/changes";
import type { StoredPage } from "./records/pages";
import { isPart, type Tx } from "./transact";

/** What a redraft becomes: edits that are made or made otherwise, and slots of which nothing is left. */
export interface EditsChange {
  set: readonly Edit[];
  drop: readonly string[];
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** What is to be done to one list of edits so that it is another: what both say alike is left to whoever changes it meanwhile. */
export function between(was: readonly Edit[], is: readonly Edit[]): EditsChange {
  const before = new Map(was.map((edit) => [slotOf(edit), edit]));
  const after = new Set(is.map(slotOf));
  return {
    set: is.filter((edit) => !same(before.get(slotOf(edit)), edit)),
    drop: [...before.keys()].filter((slot) => !after.has(slot)),
  };
}

const inOrder = (a: ChangeRecord, b: ChangeRecord) => a.order - b.order;

/** A page's changes sorted out. */
export interface Redraft {
  edits: Edit[];
  /** Edits as they were last handed over, where they were. */
  handed: Edit[];
  /** Edits that the site has taken over. */
  settled: Edit[];
  /** Changes that could not be carried over for sure. */
  undecided: ChangeRecord[];
}

export function redraftOf(changes: readonly ChangeRecord[]): Redraft {
  const sorted = changes.toSorted(inOrder);
  return {
    edits: sorted.filter(isPart).map(({ edit }) => edit),
    handed: sorted.filter(isPart).flatMap(({ handed }) => handed ?? []),
    settled: sorted.filter(({ state }) => state === "settled").map(({ edit }) => edit),
    undecided: sorted.filter(({ state }) => state === "undecided"),
  };
}

/** A page's redraft as it is kept now. */
export const loadRedraft = async (pageId: string): Promise<Redraft> =>
  redraftOf(await db().changes.where("pageId").equals(pageId).toArray());

/** Makes changes of a page's redraft, in a transaction: each keeps its identity while its words change. */
export async function changeEdits(
  tx: Tx,
  page: Pick<StoredPage, "id" | "siteId">,
  { set, drop }: EditsChange,
): Promise<void> {
  const rows = await tx.of("changes", "pageId", page.id);
  const part = new Map(rows.filter(isPart).map((row) => [slotOf(row.edit), row]));
  let order = rows.reduce((most, row) => Math.max(most, row.order + 1), 0);
  const at = new Date().toISOString();
  for (const slot of drop) {
    const row = part.get(slot);
    if (row) await tx.remove("changes", row.id);
  }
  for (const edit of set) {
    const row = part.get(slotOf(edit));
    if (row) await tx.put("changes", { ...row, edit, at, state: "open" });
    else await tx.add("changes", newChange(page, edit, order++, at));
  }
}

/** What becomes of a page's changes when it is brought in again: each stays itself. */
export async function carryChanges(
  tx: Tx,
  page: Pick<StoredPage, "id">,
  { edits, kept, settled, conflicts }: CarriedOver & { edits: readonly Edit[] },
): Promise<void> {
  const rows = await tx.of("changes", "pageId", page.id);
  const part = new Map(rows.filter(isPart).map((row) => [slotOf(row.edit), row]));
  const put = async (edit: Edit, change: Partial<ChangeRecord>) => {
    const row = part.get(slotOf(edit));
    if (row) await tx.put("changes", { ...row, ...change });
  };
  const gone = new Set([...settled, ...conflicts.map(({ edit }) => edit)].map(slotOf));
  // What is carried over keeps its order, and may be bound to its place in other words.
  const left = edits.filter((edit) => !gone.has(slotOf(edit)));
  for (const [i, edit] of left.entries()) {
    const now = kept[i];
    if (!now) continue;
    // What was handed over as it is has been handed over as it is bound now.
    const handed = part.get(slotOf(edit))?.handed ?? null;
    await put(edit, { edit: now, handed: same(handed, edit) ? now : handed });
  }
  for (const edit of settled) await put(edit, { state: "settled" });
  for (const { edit, ...conflict } of conflicts) await put(edit, { state: "undecided", conflict });
}

/** A change as it is first made. */
export const newChange = (
  { id, siteId }: Pick<StoredPage, "id" | "siteId">,
  edit: Edit,
  order: number,
  at: string,
): ChangeRecord => ({
  id: crypto.randomUUID(),
  siteId,
  pageId: id,
  edit,
  order,
  at,
  state: "open",
  reason: "",
  thread: [],
  handed: null,
  conflict: null,
});
