import { expect, it } from "vitest";
import { allKept, keep, keepFields } from "./keeping";

const done: string[] = [];
const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const says =
  (text: string, ms = 0) =>
  async () => {
    await wait(ms);
    done.push(text);
  };
const type = (slot: string, fields: Record<string, string>, ms = 5) =>
  keepFields(slot, new Map(Object.entries(fields)), async (all) => {
    await wait(ms);
    done.push([...all].map((one) => one.join("=")).join(" "));
  });
const doneNow = () => done.splice(0);

it("keeps one after the other, however long each takes", async () => {
  await Promise.all([keep(says("slow", 20)), keep(says("quick")), keep(says("last"))]);
  expect(doneNow()).toEqual(["slow", "quick", "last"]);
});

it("keeps the newest text of a field alone, and nothing of it after what was asked since", async () => {
  const texts = ["a", "ab", "abc"].map((title) => type("title", { title }));
  keep(says("ready"));
  type("title", { title: "abcd" });
  type("description", { description: "d" });
  type("title", { title: "abcde" });
  await Promise.all(texts);
  expect(doneNow()).toEqual(["title=abc"]);
  await allKept();
  expect(doneNow()).toEqual(["ready", "title=abcd", "description=d", "title=abcde"]);
});

it("loses nothing of what joins what still waits", async () => {
  const first = keep(says("first", 5));
  type("title", { title: "a", heading: "gone" });
  await type("title", { title: "ab" });
  await first;
  expect(doneNow()).toEqual(["first", "title=ab heading=gone"]);
});

it("does not write into what is being written already", async () => {
  const first = type("title", { title: "a" }, 10);
  await wait(1);
  const second = type("title", { title: "ab" });
  await first;
  expect(doneNow()).toEqual(["title=a"]);
  await second;
  expect(doneNow()).toEqual(["title=ab"]);
});

it("tells whoever asked that it failed, and goes on", async () => {
  const failed = keep(async () => {
    throw new Error("The disk is full.");
  });
  const next = keep(says("next"));
  await expect(failed).rejects.toThrow("The disk is full.");
  await next;
  await allKept();
  expect(doneNow()).toEqual(["next"]);
});
