import Dexie from "dexie";
import { afterEach, expect, it, vi } from "vitest";
import { DATABASE, Desk, db, openKept } from "./db";

const asWorker = () =>
  vi.stubGlobal(
    "WorkerGlobalScope",
    Object.defineProperty(() => {}, Symbol.hasInstance, { value: () => true }),
  );
const names = async () => (await indexedDB.databases()).map(({ name }) => name);

afterEach(async () => {
  vi.unstubAllGlobals();
  await Dexie.delete(DATABASE);
});

it("the database is made by a screen, and opened by workers", async () => {
  const screen = new Desk();
  await screen.open();
  expect(await names()).toEqual([DATABASE]);
  asWorker();
  const worker = new Desk();
  expect(await worker.sites.count()).toBe(0);
  worker.close();
  screen.close();
});

it("a worker that comes to it after it was deleted does not make it anew", async () => {
  asWorker();
  const worker = new Desk();
  await expect(worker.sites.count()).rejects.toThrow("was deleted");
  expect(await names()).toEqual([]);
});

it("a worker opens it before its first work, where it is there: not even for a moment is it made anew", async () => {
  asWorker();
  const opening = vi.spyOn(indexedDB, "open");
  await expect(openKept()).rejects.toThrow("was deleted");
  expect(opening).not.toHaveBeenCalled();
  vi.unstubAllGlobals();
  const screen = new Desk();
  await screen.open();
  await openKept();
  expect(await names()).toEqual([DATABASE]);
  screen.close();
  db().close();
});
