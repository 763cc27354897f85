import { expect, it } from "vitest";
import type { Finding } from "./finding.ts";
import { settledBy } from "./settled.ts";

const finding = (key: string, message = key): Finding => ({
  rule: "x/y",
  weight: "may",
  message,
  at: { part: "title" },
  related: [],
  fix: null,
  key,
});
const settled = (before: Finding[], now: Finding[]) => settledBy(before, now).map(({ message }) => message);

it("is what is not found any more", () => {
  expect(settled([finding("a"), finding("b")], [finding("b")])).toEqual(["a"]);
});

it("is not what is found at the same place in other words", () => {
  expect(settled([finding("a", "600 px")], [finding("a", "610 px")])).toEqual([]);
});

it("is, of several at one place, the one that is mended, not the one whose number it has taken", () => {
  expect(settled([finding("a", "first"), finding("a #2", "second")], [finding("a", "second")])).toEqual(["first"]);
  expect(
    settled([finding("a", "one"), finding("a #2", "two"), finding("a #3", "three")], [finding("a", "four")]),
  ).toEqual(["two", "three"]);
});
