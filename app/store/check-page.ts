import { redraftedSource } from "#core/rewrite/apply";
import { db } from "./db";
import { loadPage } from "./freshen";
import type { PageRecord } from "./page-record";
import { saysOf } from "./transact";
import { checkValidity } from "./validity";

/** Messages that are kept of one page. */
const KEPT = 100;

/** Names the source of a page as it now reads. */
export const sourceName = ({ original, says }: Pick<PageRecord, "original" | "says">) => `${original} ${says}`;

/** Checks one page's HTML and keeps what was found; false where the server does not answer. Runs in a worker. */
export async function checkPage(pageId: string): Promise<boolean> {
  const loaded = await loadPage(pageId);
  if (!loaded) return true;
  const { own, original, edits } = loaded;
  if (original.format !== "html") return true;
  const found = await checkValidity(redraftedSource(original, edits));
  if ("reason" in found && found.gone) return false;
  const messages = "reason" in found ? [] : found;
  await db().checks.put({
    id: own.id,
    siteId: own.siteId,
    of: sourceName({ original: own.original, says: saysOf(edits) }),
    messages: messages.slice(0, KEPT),
    more: Math.max(0, messages.length - KEPT),
    fault: "reason" in found ? found.reason : "",
  });
  return true;
}
