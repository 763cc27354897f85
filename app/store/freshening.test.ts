import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { isFound } from "#core/findings/found";
import { db } from "./db";
import { examinePages } from "./freshen";
import { loadOriginal } from "./originals";
import type { PageRecord } from "./page-record";
import type { SiteRecord } from "./records/sites";
import { emptyStorage, keptPage, openSite, stored } from "./testing";

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
  return { ...pool, onPoolBeside: (run: (worker: unknown) => unknown) => run({ examinePages: examine }) };
});
const { freshenPages } = await import("./freshening");

let site: SiteRecord;
beforeEach(async () => {
  site = await openSite();
});
afterEach(async () => {
  hanging.clear();
  await emptyStorage();
});

it("one page that takes too long is kept unread and named, and all others are worked out again", async () => {
  const pages: PageRecord[] = [];
  for (const name of ["a", "b", "c"]) {
    pages.push(await keptPage(site, `<title>${name}</title><h1>${name}</h1>`, `https://quay.example/${name}`));
  }
  await db().derived.toCollection().modify({ stamp: "stale" });
  hanging.add("https://quay.example/b");
  const progress: number[] = [];
  await freshenPages(site, pages, (done) => progress.push(done), new AbortController().signal);
  expect(progress).toEqual([3]);
  const after = await Promise.all(pages.map(({ id }) => stored(id)));
  expect(after.map(({ stamp }) => stamp)).not.toContain("stale");
  expect(after.map(({ found }) => isFound(found, "page/unreadable"))).toEqual([false, true, false]);
  expect((await db().originals.get(pages[1]?.original ?? ""))?.unread).toBe("too-slow");
  expect((await db().originals.get(pages[0]?.original ?? ""))?.unread).toBeUndefined();
});
