import { originalFromText, sourceOf } from "#core/page/original";
import { originalFromBytes } from "#core/page/original-from-bytes";
import { readPage } from "#core/page/read";
import { lookOf, type PageLook } from "#core/result/beside";
import { applyToPage } from "#core/rewrite/apply";
import { db } from "./db";
import { loadPage } from "./freshen";
import { keepRival } from "./line-ups";

/** A page of the site and a rival's, as they are held beside each other; null where one of them is gone. */
export async function besideRival(
  pageId: string,
  rivalId: string,
  phrase: string,
): Promise<{ yours: PageLook; theirs: PageLook } | null> {
  const [loaded, rival] = await Promise.all([loadPage(pageId), db().rivals.get(rivalId)]);
  if (!loaded || !rival) return null;
  const theirs = readPage(originalFromText(rival.source), { address: rival.address });
  return { yours: lookOf(applyToPage(loaded.original, loaded.edits).page, phrase), theirs: lookOf(theirs, phrase) };
}

/** Keeps a rival's page as it was fetched. */
export const keepRivalPage = (
  siteId: string,
  address: string,
  bytes: Uint8Array,
  contentType: string | null,
): Promise<void> => keepRival(siteId, address, sourceOf(originalFromBytes(bytes, contentType)));
