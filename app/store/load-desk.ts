import { data } from "react-router";
import { db } from "./db";
import { explainStorage } from "./faults";
import { allKept } from "./keeping";
import { loadOriginal } from "./originals";

/** A page with its source and edits, for the screens that work on one page. Throws what the route's boundary shows. */
export async function loadDesk(pageId: string) {
  try {
    await allKept();
    const record = await db().pages.get(pageId);
    const source = record && (await loadOriginal(record.original));
    if (!record || !source)
      throw data("This page is not in this browser. It may have been undone, or belong to another browser.", {
        status: 404,
      });
    const redraft = await db().redrafts.get(record.id);
    return { record, source, edits: redraft?.edits ?? [] };
  } catch (error) {
    if (error instanceof Error) throw explainStorage(error);
    throw error;
  }
}
