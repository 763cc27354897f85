import "fake-indexeddb/auto";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { originalFromText } from "#core/page/original";
import { act } from "./act";
import { newSite } from "./bring-in";
import { db, type PageRecord, type SiteRecord } from "./db";
import { examinePages } from "./freshen";
import { loadOriginal } from "./originals";
import { readIncoming } from "./read-incoming";

/** Addresses of pages whose reading never comes to an end, as long as somebody tries. */
const hanging = new Set<string>();
vi.mock("../workers/pool", async (original) => {
  const pool = await original<typeof import("../workers/pool")>();
  const examine = async (site: SiteRecord, ids: readonly string[], today: string) => {
    for (const page of await db().pages.bulkGet([...ids])) {
      const source = page && (await loadOriginal(page.original));
      if (page && hanging.has(page.address) && !source?.unread) throw new pool.TookTooLong("late");
    }
    return examinePages(site, ids, today);
  };
  return { ...pool, onPool: (run: (worker: unknown) => unknown) => run({ examinePages: examine }) };
});
const { freshenPages } = await import("./freshening");

let site: SiteRecord;
beforeEach(async () => {
  await db().open();
  site = newSite("Quay", "https://quay.example/", { brand: "Quay" });
  await db().sites.put(site);
});
afterEach(async () => {
  hanging.clear();
  await Promise.all(db().tables.map((table) => table.clear()));
});

it("one page that takes too long is kept unread and named, and all others are worked out again", async () => {
  const pages: PageRecord[] = [];
  for (const name of ["a", "b", "c"]) {
    const incoming = {
      path: "",
      source: originalFromText(`<title>${name}</title><h1>${name}</h1>`),
      address: `https://quay.example/${name}`,
      addressKnown: true,
      phrase: "",
    };
    const { original, derived, summary, ...read } = await readIncoming(
      site.id,
      incoming,
      site.houseStyle,
      "2026-11-27",
    );
    await db().originals.put(original);
    const { id, address, format, kind } = read;
    const own = {
      position: 0,
      file: "",
      phrase: "",
      kindBy: "guess",
      edits: 0,
      patterned: [],
      conflicts: 0,
      settled: 0,
    } as const;
    const record = {
      id,
      siteId: site.id,
      address,
      original: original.id,
      format,
      kind,
      ...own,
      ready: false,
      handed: null,
      ...derived,
    } as unknown as PageRecord;
    await act(site.id, "x", [
      { table: "pages", key: id, after: { ...record, stamp: "stale" } },
      { table: "summaries", key: id, after: summary },
    ]);
    pages.push(record);
  }
  hanging.add("https://quay.example/b");
  const progress: number[] = [];
  await freshenPages(site, pages, (done) => progress.push(done), new AbortController().signal);
  expect(progress).toEqual([3]);
  const stored = (await db().pages.bulkGet(pages.map(({ id }) => id))) as PageRecord[];
  expect(stored.map(({ stamp }) => stamp)).not.toContain("stale");
  expect(stored.map(({ rules }) => rules.includes("page/unreadable"))).toEqual([false, true, false]);
  expect((await db().originals.get(pages[1]?.original ?? ""))?.unread).toBe("too-slow");
  expect((await db().originals.get(pages[0]?.original ?? ""))?.unread).toBeUndefined();
});
