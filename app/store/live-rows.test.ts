import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { beginLongRun } from "../workers/long-run";
import { db } from "./db";
import { FollowedTable, type RecordsChange, Rows } from "./live-rows";
import type { StoredPage } from "./records/pages";
import { emptyStorage, openSite } from "./testing";

let siteId: string;
const ends: (() => void)[] = [];
const pages = () => ({ table: () => db().pages, name: "pages", siteId });
const page = (id: string, over: Partial<StoredPage> = {}) =>
  ({ id, siteId, address: `https://quay.example/${id}`, position: 0, phrase: "", ...over }) as StoredPage;
const put = (...all: StoredPage[]) => db().pages.bulkPut(all);

beforeEach(async () => {
  siteId = (await openSite()).id;
});
afterEach(async () => {
  for (const end of ends.splice(0)) end();
  await emptyStorage();
});

/** Follows the pages, and notes what is told. */
function follow(inParts = false) {
  const told: { anew: boolean; put: string[]; gone: readonly string[] }[] = [];
  const table = new FollowedTable<StoredPage>(
    pages(),
    ({ anew, put, gone }: RecordsChange<StoredPage>) => told.push({ anew, put: put.map(({ id }) => id).sort(), gone }),
    inParts,
  );
  ends.push(() => table.stop());
  const next = async (count: number) => {
    await vi.waitFor(() => expect(told.length).toBeGreaterThanOrEqual(count), { timeout: 3000 });
    return told[count - 1];
  };
  return { table, told, next };
}
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

it("tells all first, then by key what is written and taken away", async () => {
  await put(page("a"), page("b"));
  const { next } = follow();
  expect(await next(1)).toEqual({ anew: true, put: ["a", "b"], gone: [] });
  await put(page("c"));
  expect(await next(2)).toEqual({ anew: false, put: ["c"], gone: [] });
  await db().pages.delete("a");
  expect(await next(3)).toEqual({ anew: false, put: [], gone: ["a"] });
});

it("passes over another site's records", async () => {
  const { next, told } = follow();
  await next(1);
  await put(page("x", { siteId: "another" }));
  await put(page("a"));
  await next(2);
  expect(told.flatMap((one) => one.put)).not.toContain("x");
});

it("gathers what is written closely together", async () => {
  const { next, told } = follow();
  await next(1);
  for (let i = 0; i < 20; i++) await put(page(`p${i}`));
  await vi.waitFor(() => expect(told.slice(1).flatMap((one) => one.put)).toHaveLength(20));
  expect(told.length).toBeLessThan(8);
});

it("reads nothing while it rests, and catches up once", async () => {
  const { table, told, next } = follow();
  await next(1);
  table.rest(true);
  await put(page("a"));
  await pause(150);
  await db().pages.delete("a");
  await put(page("b"), page("c"));
  await pause(150);
  expect(told).toHaveLength(1);
  table.rest(false);
  expect(await next(2)).toEqual({ anew: false, put: ["b", "c"], gone: ["a"] });
  await pause(150);
  expect(told).toHaveLength(2);
});

it("tells in larger steps while work on many pages lasts, and the rest of it at its end", async () => {
  const { told, next } = follow();
  await next(1);
  const end = beginLongRun();
  await put(page("a"));
  await pause(200);
  expect(told).toHaveLength(1);
  end();
  expect(await next(2)).toEqual({ anew: false, put: ["a"], gone: [] });
});

it("tells many in parts, of which only the first forgets what was before", async () => {
  await put(...Array.from({ length: 1203 }, (_, i) => page(`p${i}`)));
  const { told, next } = follow(true);
  await next(3);
  expect(told.map(({ anew, put: { length } }) => [anew, length])).toEqual([
    [true, 500],
    [false, 500],
    [false, 203],
  ]);
});

it("says at once that a site is empty", async () => {
  for (const inParts of [false, true]) expect(await follow(inParts).next(1)).toEqual({ anew: true, put: [], gone: [] });
});

it("tells nothing more once it is stopped", async () => {
  const { table, told, next } = follow();
  await next(1);
  table.stop();
  await put(page("a"));
  await pause(200);
  expect(told).toHaveLength(1);
});

it("rows are the same list until something changes, in order, and are followed as long as somebody listens", async () => {
  await put(page("b", { position: 2 }), page("a", { position: 1 }));
  const rows = new Rows<StoredPage>(pages(), (x, y) => x.position - y.position);
  expect(rows.get()).toBe(null);
  let told = 0;
  const end = rows.subscribe(() => told++);
  ends.push(end);
  await vi.waitFor(() => expect(rows.get()?.map(({ id }) => id)).toEqual(["a", "b"]));
  const first = rows.get();
  await put(page("x", { siteId: "another" }));
  await pause(150);
  expect([rows.get() === first, told]).toEqual([true, 1]);
  await put(page("c", { position: 0 }));
  await vi.waitFor(() => expect(rows.get()?.map(({ id }) => id)).toEqual(["c", "a", "b"]));
  end();
  await put(page("d", { position: 9 }));
  await pause(150);
  expect(rows.get()).toHaveLength(3);
});
