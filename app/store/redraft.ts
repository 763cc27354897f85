import { type Edit, slotOf } from "#core/rewrite/edits";
import { changeEdits, type EditsChange } from "./changes";
import type { ChangeRecord } from "./records/changes";
import type { StoredPage } from "./records/pages";
import { transact } from "./transact";

/** Keeps what was changed of a page's redraft; its texts have moved on, so that it is not ready any more. */
export function saveRedraft(
  page: Pick<StoredPage, "id" | "siteId">,
  change: EditsChange,
  label: string,
  merge: string | null,
): Promise<void> {
  return transact(
    page.siteId,
    label,
    async (tx) => {
      if (!(await tx.get("pages", page.id))) return;
      await changeEdits(tx, page, change);
      await tx.update("pages", page.id, (was) => ({ ...was, ready: false }));
    },
    { merge },
  );
}

/** What the editor says of a page itself. */
export type PageFields = Partial<
  Pick<StoredPage, "phrase" | "supporting" | "audience" | "address" | "chosenKind" | "ready">
>;

/** Keeps a change of the page's own record. */
export function savePage(
  page: Pick<StoredPage, "id" | "siteId">,
  fields: PageFields,
  label: string,
  merge: string | null = null,
): Promise<void> {
  return transact(page.siteId, label, (tx) => tx.update("pages", page.id, (was) => ({ ...was, ...fields })), { merge });
}

/**
 * Decides a change that could not be carried over: `mine` carries it out on what stands there now, in the place of what else
 * the redraft does there, `theirs` gives up all of it that cannot stand beside that. Both are one action that can be undone; the page is worked out again by itself.
 */
export async function decideConflict({ id, siteId }: ChangeRecord, choice: "mine" | "theirs"): Promise<void> {
  await transact(siteId, choice === "mine" ? "Keep my change" : "Keep what the site says now", async (tx) => {
    const change = await tx.get("changes", id);
    if (change?.state !== "undecided") return;
    const edit: Edit | null = change.conflict?.[choice] ?? null;
    if (edit) {
      // Whatever else stands in its slot gives way: a redraft does one thing in one place.
      await changeEdits(tx, { id: change.pageId, siteId }, { set: [], drop: [slotOf(edit)] });
      await tx.put("changes", { ...change, edit, state: "open", conflict: null });
    } else await tx.remove("changes", id);
  });
}
