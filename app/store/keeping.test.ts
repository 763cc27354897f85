import { expect, it } from "vitest";
import { allKept, keep } from "./keeping";

const done: string[] = [];
const says =
  (text: string, ms = 0) =>
  async () => {
    await new Promise((resolve) => setTimeout(resolve, ms));
    done.push(text);
  };
const doneNow = () => done.splice(0);

it("keeps one after the other, however long each takes", async () => {
  await Promise.all([keep(says("slow", 20)), keep(says("quick")), keep(says("last"))]);
  expect(doneNow()).toEqual(["slow", "quick", "last"]);
});

it("keeps the newest text of a field alone, and nothing of it after what was asked since", async () => {
  const texts = ["a", "ab", "abc"].map((text) => keep(says(text, 5), "title"));
  keep(says("ready"));
  keep(says("abcd", 5), "title");
  keep(says("description"), "description");
  keep(says("title"), "title");
  await Promise.all(texts);
  expect(doneNow()).toEqual(["abc"]);
  await allKept();
  expect(doneNow()).toEqual(["ready", "abcd", "description", "title"]);
});

it("does not write into what is being written already", async () => {
  const first = keep(says("a", 10), "title");
  await new Promise((resolve) => setTimeout(resolve, 1));
  const second = keep(says("ab"), "title");
  await first;
  expect(doneNow()).toEqual(["a"]);
  await second;
  expect(doneNow()).toEqual(["ab"]);
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
