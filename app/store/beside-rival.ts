import { originalFromText, sourceOf } from "#core/page/original";
import { originalFromBytes } from "#core/page/original-from-bytes";
import { descriptionOf, titleOf } from "#core/page/page";
import { readPage } from "#core/page/read";
import { lookOf, type PageLook } from "#core/result/beside";
import type { OtherResult } from "#core/result/line-up";
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

/** Keeps a rival's page as it was fetched; what its result says by itself. */
export async function keepRivalPage(
  siteId: string,
  address: string,
  bytes: Uint8Array,
  contentType: string | null,
): Promise<OtherResult> {
  const original = originalFromBytes(bytes, contentType);
  const page = readPage(original, { address });
  await keepRival(siteId, address, sourceOf(original));
  return { title: titleOf(page) || address, address, description: descriptionOf(page) };
}
