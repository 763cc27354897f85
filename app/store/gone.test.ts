import { afterEach, expect, it } from "vitest";
import { db } from "./db";
import { missingAmong, noteGone } from "./gone";
import { emptyStorage } from "./testing";

afterEach(emptyStorage);

const address = (name: string) => `https://quay.example/${name}`;
const page = (name: string, file: string) => ({
  id: name,
  siteId: "s1",
  address: address(name),
  file,
  goneSince: null,
});
const NAMES = ["a", "b", "c", "d", "e"];

it("pages from files that are not among nearly all of them are missing; of a few files nothing is said", async () => {
  await db().pages.bulkPut([...NAMES.map((name) => page(name, `${name}.html`)), page("fetched", "")] as never);
  const missing = (...names: string[]) => missingAmong("s1", new Set(names.map(address)));
  expect(await missing(...NAMES)).toEqual([]);
  expect(await missing("a", "b", "c", "new")).toEqual(["d", "e"]);
  expect(await missing("a", "b")).toEqual([]);
});

it("a page is gone since it was first not found", async () => {
  await db().pages.bulkPut([page("a", "a.html")] as never);
  await noteGone(["a", "unknown"]);
  const { goneSince } = (await db().pages.get("a")) ?? {};
  expect(goneSince).toMatch(/^\d{4}-/);
  await noteGone(["a"]);
  expect((await db().pages.get("a"))?.goneSince).toBe(goneSince);
  expect(await db().actions.count()).toBe(0);
});
