import { beforeEach, expect, it, vi } from "vitest";
import type { Incoming } from "./read-incoming";

vi.mock("../workers/pool", async (original) => ({
  ...(await original<typeof import("../workers/pool")>()),
  onPool: (run: (worker: unknown) => unknown) => run(null),
}));
const { TookTooLong, WorkerLost } = await import("../workers/pool");
const { readWithin } = await import("./read-within");

const incoming = { path: "a.html", address: "https://quay.example/a" } as Incoming;
let asked: (string | undefined)[];
beforeEach(() => {
  asked = [];
});
const failing = (error: Error) =>
  readWithin(incoming, async (_, { unread }) => {
    asked.push(unread);
    if (!unread) throw error;
    return "kept";
  });

it.each([
  ["too-slow", new TookTooLong("late")],
  ["failed", new WorkerLost("died twice")],
  ["failed", new RangeError("Maximum call stack size exceeded")],
  ["failed", Object.assign(new Error("from a worker"), { name: "TypeError" })],
])("keeps a page unread that is %s, and does not try it again", async (unread, error) => {
  expect(await failing(error)).toBe("kept");
  expect(asked).toEqual([undefined, unread]);
});

it("takes no page for faulty where storage is", async () => {
  const full = Object.assign(new Error("full"), { name: "QuotaExceededError" });
  await expect(failing(full)).rejects.toBe(full);
});
