import { afterEach, expect, it } from "vitest";
import { db } from "./db";
import { missingAmong, noteGone } from "./gone";
import { emptyStorage } from "./testing";
import { transact, undo } from "./transact";

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
  const missing = (...names: string[]) => missingAmong("s1", new Set(names));
  expect(await missing(...NAMES)).toEqual([]);
  expect(await missing("a", "b", "c", "new")).toEqual(["d", "e"]);
  expect(await missing("a", "b")).toEqual([]);
});

it("a page is gone since it was first not found", async () => {
  await db().pages.bulkPut([page("a", "a.html")] as never);
  const note = (ids: readonly string[]) => transact("s1", "Import", (tx) => noteGone(tx, ids));
  await note(["a", "unknown"]);
  const { goneSince } = (await db().pages.get("a")) ?? {};
  expect(goneSince).toMatch(/^\d{4}-/);
  await note(["a"]);
  expect((await db().pages.get("a"))?.goneSince).toBe(goneSince);
  await undo("s1");
  expect((await db().pages.get("a"))?.goneSince).toBeNull();
});
