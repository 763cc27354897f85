import { redraftedSource } from "#core/rewrite/apply";
import { db } from "./db";
import { loadPage } from "./freshen";
import type { PageRecord } from "./page-record";
import { fingerprintOf } from "./transact";
import { checkValidity } from "./validity";

/** Messages that are kept of one page. */
const KEPT = 100;

/** Names the source of a page as it now reads. */
export const sourceName = ({ original, fingerprint }: Pick<PageRecord, "original" | "fingerprint">) =>
  `${original} ${fingerprint}`;

/** Checks one page's HTML and keeps what was found; false where the server does not answer. Runs in a worker. */
export async function checkPage(pageId: string): Promise<boolean> {
  const loaded = await loadPage(pageId);
  if (!loaded) return true;
  const { stored, original, edits } = loaded;
  if (original.format !== "html") return true;
  const found = await checkValidity(redraftedSource(original, edits));
  if ("reason" in found && found.gone) return false;
  const messages = "reason" in found ? [] : found;
  await db().checks.put({
    id: stored.id,
    siteId: stored.siteId,
    of: sourceName({ original: stored.original, fingerprint: fingerprintOf(edits) }),
    messages: messages.slice(0, KEPT),
    more: Math.max(0, messages.length - KEPT),
    fault: "reason" in found ? found.reason : "",
  });
  return true;
}
