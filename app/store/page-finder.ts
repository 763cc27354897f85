import { withSlug } from "#core/address/slug";
import { fileNameOf } from "#core/exchange/file-name";
import type { Edit } from "#core/rewrite/edits";
import { db } from "./db";
import type { StoredPage } from "./records/pages";

/** What comes in, as far as the page that it is can be told from it. */
export interface Arriving {
  /** Its path among files; "" for what was fetched. */
  path: string;
  address: string;
  /** The address is known for sure, and was not taken from a canonical or a path. */
  addressGiven: boolean;
}

/** Tells which page of a site something is that comes in. */
export interface PageFinder {
  /** The id of the page; null for a new one. */
  find(arriving: Arriving): string | null;
  /** Pages by their own addresses; new ones are added. */
  byAddress: Map<string, string>;
}

/** What is known of a page's addresses by its record and its changes. */
interface PageAddresses {
  page: Pick<StoredPage, "id" | "address" | "file" | "format">;
  /** Its own, that of a changed slug, and canonical addresses before and after a change. */
  all: Set<string>;
  /** Where it is once its changed slug is live; null if the slug is not changed. */
  afterSlug: string | null;
  /** The canonical address that the editor gave it; null if none. */
  canonical: string | null;
}

const full = (address: string, base: string) => (URL.canParse(address, base) ? new URL(address, base).href : address);

function addressesOfPage(
  page: PageAddresses["page"],
  edits: readonly Edit[],
  stated: string | undefined,
): PageAddresses {
  const { address } = page;
  const slug = edits.find((edit) => edit.op === "set-slug");
  const canonical = edits.find((edit) => edit.op === "set-canonical");
  const afterSlug = slug ? withSlug(address, slug.value) : null;
  const named = [stated, canonical?.was, canonical?.value].flatMap((one) => (one ? full(one, address) : []));
  return {
    page,
    all: new Set([address, ...(afterSlug ? [afterSlug] : []), ...named]),
    afterSlug,
    canonical: canonical?.value ? full(canonical.value, address) : null,
  };
}

/**
 * The pages of a site, each known by its own record: the file that it came from or was exported to, its address, that of a
 * changed slug, and its canonical address before and after a change.
 */
export async function pageFinder(siteId: string): Promise<PageFinder> {
  const pages = await db().pages.where("siteId").equals(siteId).toArray();
  const edits = new Map<string, Edit[]>();
  await db()
    .changes.where("siteId")
    .equals(siteId)
    .filter(({ edit }) => edit.op === "set-slug" || edit.op === "set-canonical")
    .each(({ pageId, edit }) => {
      edits.set(pageId, [...(edits.get(pageId) ?? []), edit]);
    });
  const canonicals = new Map<string, string>();
  await db()
    .facets.where("siteId")
    .equals(siteId)
    .each(({ id, canonical }) => {
      if (canonical !== "") canonicals.set(id, canonical);
    });
  const all = pages.map((page) => addressesOfPage(page, edits.get(page.id) ?? [], canonicals.get(page.id)));
  const byAddress = new Map(pages.map(({ address, id }) => [address, id]));
  const byFile = new Map(
    all.map((one) => [fileNameOf(one.page, one.page.format === "markdown" ? "md" : "html").toLowerCase(), one]),
  );
  const bySlug = onlyOnes(all.map(({ page, afterSlug }) => [afterSlug, page.id]));
  const byCanonical = onlyOnes(all.map(({ page, canonical }) => [canonical, page.id]));
  return {
    byAddress,
    find({ path, address, addressGiven }) {
      const own = byAddress.get(address) ?? bySlug.get(address) ?? null;
      // Others may have the same canonical: a file is what it was exported as, if that is one of its own addresses.
      const file = addressGiven || path === "" ? undefined : byFile.get(path.toLowerCase());
      if (file?.all.has(address)) return file.page.id;
      if (own !== null || addressGiven) return own;
      return byCanonical.get(address) ?? null;
    },
  };
}

/** Ids by an address that only one of them has. */
function onlyOnes(entries: readonly (readonly [string | null, string])[]): ReadonlyMap<string, string> {
  const ids = new Map<string, string | null>();
  for (const [address, id] of entries) if (address !== null) ids.set(address, ids.has(address) ? null : id);
  return new Map([...ids].flatMap(([address, id]) => (id === null ? [] : [[address, id] as const])));
}
