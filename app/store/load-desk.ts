import { loadAsciiTable, needsAsciiTable } from "#core/address/ascii";
import { sourceOf } from "#core/page/original";
import { notHere } from "../not-here";
import { db } from "./db";
import { explainStorage } from "./faults";
import { allKept } from "./keeping";
import { loadOriginal } from "./originals";
import { loadPageRecord } from "./page-record";

/** As much of a source as shows in which letters it is written, in UTF-16 code units. */
const LOOKED_AT = 50_000;

function readable(address: string): string {
  try {
    return decodeURI(address);
  } catch {
    return address;
  }
}

/** A page with its source and edits, for the screens that work on one page. Throws what the route's boundary shows. */
export async function loadDesk(pageId: string) {
  try {
    await allKept();
    const [record, changes] = await Promise.all([
      loadPageRecord(pageId),
      db().changes.where("pageId").equals(pageId).toArray(),
    ]);
    const source = record && (await loadOriginal(record.original));
    if (!record || !source)
      throw notHere("This page is not in this browser", "It may have been undone, or belong to another browser.");
    // Few pages need it; the desk then works at once with all it has.
    const beginning = sourceOf(source).slice(0, LOOKED_AT) + readable(record.address) + record.phrase;
    if (needsAsciiTable(beginning)) await loadAsciiTable();
    return { record, source, changes };
  } catch (error) {
    if (error instanceof Error) throw explainStorage(error);
    throw error;
  }
}
