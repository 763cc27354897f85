import { parseAddress } from "#core/address/address";
import { db } from "./db";
import { explainStorage } from "./faults";
import { learntOf } from "./page-record";
import type { ItemState, QueueItem, QueueLimits, QueueRecord } from "./records/queues";
import type { SiteRecord } from "./records/sites";
import { write } from "./transact";

export const DEFAULT_LIMITS: QueueLimits = { atOnce: 6, pages: 1000, depth: 3, below: "/" };

/** Addresses out of pasted text: one a line, or separated by white space or commas; each once. */
export function addressesIn(text: string): { addresses: string[]; wrong: string[] } {
  const addresses = new Set<string>();
  const wrong: string[] = [];
  for (const word of text.split(/[\s,;]+/).filter(Boolean)) {
    const parsed = parseAddress(word.replace(/^<|>$/g, ""));
    if ("reason" in parsed || !/\.|localhost|\[/.test(new URL(parsed.address).hostname)) wrong.push(word);
    else addresses.add(parsed.address.replace(/#.*$/s, ""));
  }
  return { addresses: [...addresses], wrong };
}

export type NewItem = Pick<QueueItem, "address" | "wanted" | "depth">;

const fresh = (queueId: string, { address, wanted, depth }: NewItem): Omit<QueueItem, "id"> => ({
  queueId,
  address,
  wanted,
  depth,
  state: "waiting",
  fault: null,
  why: "",
  tries: 0,
  notBefore: 0,
});

/** Begins a queue; the site is kept with it, so that it is there from the first page on. */
export async function beginQueue(
  site: SiteRecord,
  queue: Pick<QueueRecord, "name" | "from" | "limits">,
  items: readonly NewItem[],
): Promise<string> {
  const id = crypto.randomUUID();
  try {
    await db().transaction("rw", ["sites", "queues", "queueItems"], async () => {
      if (!(await db().sites.get(site.id))) await db().sites.put(site);
      await db().queues.put({
        ...queue,
        id,
        siteId: site.id,
        state: "running",
        startedAt: new Date().toISOString(),
        notes: [],
      });
      await addItems(id, items);
    });
  } catch (error) {
    throw explainStorage(error);
  }
  return id;
}

/** Adds what is not in the queue yet. */
export async function addItems(queueId: string, items: readonly NewItem[]): Promise<number> {
  const unique = [...new Map(items.map((item) => [item.address, item])).values()];
  const known = await addressesAmong(
    queueId,
    unique.map(({ address }) => address),
  );
  const added = unique.filter(({ address }) => !known.has(address));
  await db().queueItems.bulkAdd(added.map((item) => fresh(queueId, item)));
  return added.length;
}

/** From so many addresses on it is quicker to read all of the queue's than to look each one up. */
const MANY = 300;

async function addressesAmong(queueId: string, addresses: readonly string[]): Promise<Set<string>> {
  const index = db().queueItems.where("[queueId+address]");
  const found =
    addresses.length < MANY
      ? await index.anyOf(addresses.map((address) => [queueId, address])).keys()
      : await index.between([queueId, ""], [queueId, "\uffff"]).keys();
  return new Set(found.map((key) => (key as unknown as [string, string])[1]));
}

export type QueueCounts = Record<ItemState, number>;

export async function countItems(queueId: string): Promise<QueueCounts> {
  const count = (state: ItemState) => db().queueItems.where("[queueId+state]").equals([queueId, state]).count();
  const [waiting, brought, failed, forbidden, left] = await Promise.all([
    count("waiting"),
    count("brought-in"),
    count("failed"),
    count("forbidden"),
    count("left-out"),
  ]);
  return { waiting, "brought-in": brought, failed, forbidden, "left-out": left };
}

/** Puts items that failed back into the queue, all or one. */
export async function tryAgain(queueId: string, itemId?: number): Promise<void> {
  const failed = db().queueItems.where("[queueId+state]").equals([queueId, "failed"]);
  await db().transaction("rw", ["queues", "queueItems"], async () => {
    await failed
      .filter((item) => itemId === undefined || item.id === itemId)
      .modify({ state: "waiting", fault: null, why: "", tries: 0, notBefore: 0 });
    await db().queues.update(queueId, { state: "running" });
  });
}

export async function removeQueue(queueId: string): Promise<void> {
  await db().transaction("rw", ["queues", "queueItems"], async () => {
    await db().queueItems.where("[queueId+state]").between([queueId, ""], [queueId, "\uffff"]).delete();
    await db().queues.delete(queueId);
  });
}

/** What is known of a site's addresses beside its pages. */
export interface LearntAddresses {
  /** Addresses that a sitemap names. */
  listed: Iterable<string>;
  /** Addresses that redirect, each with where it leads. */
  redirects: Iterable<readonly [from: string, to: string]>;
}

/** What a queue has come to know beside the pages that it brought in. */
export async function learntByQueue({ id, from }: QueueRecord): Promise<LearntAddresses> {
  const items = await db().queueItems.where("[queueId+state]").between([id, ""], [id, "\uffff"]).toArray();
  return {
    listed: from === "sitemap" ? items.map(({ address }) => address) : [],
    redirects: items.flatMap(({ address, redirectsTo }) => (redirectsTo ? [[address, redirectsTo] as const] : [])),
  };
}

/** Writes to the pages of a site that a sitemap names them, and what redirects to them. */
export async function tellPages(siteId: string, known: LearntAddresses): Promise<void> {
  const listed = new Set(known.listed);
  const sources = new Map<string, string[]>();
  for (const [from, to] of known.redirects) sources.set(to, [...(sources.get(to) ?? []), from]);
  if (listed.size === 0 && sources.size === 0) return;
  await write(async (tx) => {
    for (const { id, address } of await tx.of("pages", "siteId", siteId)) {
      const { inSitemap, redirectedFrom } = learntOf(await tx.get("learnt", id));
      const from = [...new Set([...redirectedFrom, ...(sources.get(address) ?? [])])];
      const named = inSitemap || listed.has(address) || from.some((one) => listed.has(one));
      if (from.length === redirectedFrom.length && named === inSitemap) continue;
      const told = { inSitemap: named, redirectedFrom: from };
      await tx.put("learnt", { id, siteId, ...told });
      await tx.update("facets", id, (facets) => ({ ...facets, ...told }));
    }
  });
}
