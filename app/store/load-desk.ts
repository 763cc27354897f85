import { data } from "react-router";
import { db } from "./db";
import { explainStorage } from "./faults";
import { allKept } from "./keeping";
import { loadOriginal } from "./originals";
import { loadPageRecord } from "./page-record";

/** A page with its source and edits, for the screens that work on one page. Throws what the route's boundary shows. */
export async function loadDesk(pageId: string) {
  try {
    await allKept();
    const record = await loadPageRecord(pageId);
    const source = record && (await loadOriginal(record.original));
    if (!record || !source)
      throw data("This page is not in this browser. It may have been undone, or belong to another browser.", {
        status: 404,
      });
    const changes = await db().changes.where("pageId").equals(pageId).toArray();
    return { record, source, changes };
  } catch (error) {
    if (error instanceof Error) throw explainStorage(error);
    throw error;
  }
}
