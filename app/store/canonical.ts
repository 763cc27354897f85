import { canonicalOf } from "#core/page/page";
import { readPage } from "#core/page/read";
import { type Acted, changePages } from "./act-on-pages";
import { db } from "./db";
import { loadOriginal } from "./originals";
import type { SiteRecord } from "./records/sites";

/** The canonical address that a page's original states; null where it states none. */
export async function canonicalNow(pageId: string): Promise<string | null> {
  const record = await db().pages.get(pageId);
  const original = record && (await loadOriginal(record.original));
  return original && record ? canonicalOf(readPage(original, { address: record.address })) : null;
}

/** Names a page as the canonical address of others; their redrafts keep everything else. */
export async function makeCanonical(
  site: SiteRecord,
  { address, name }: { address: string; name: string },
  others: readonly string[],
): Promise<Acted> {
  const changes = await Promise.all(
    others.map(async (pageId) => ({
      pageId,
      texts: [],
      edits: [{ op: "set-canonical" as const, value: address, was: await canonicalNow(pageId) }],
    })),
  );
  return changePages(site, changes, `${name} is the canonical address`);
}
