import { describe, expect, it } from "vitest";
import { type Finding, findingOn, fixOf, inOrder, keysFor, type SiteFinding, totalsOf } from "./finding.ts";
import type { Place } from "./place.ts";

const at = (place: Place, weight: Finding["weight"] = "should") => ({ at: place, weight }) as Finding;

describe("findings of a page", () => {
  it("stand in the order of the page, the heaviest first at one place", () => {
    const range = { start: 90, end: 95 };
    const inPage = [
      at({ part: "title" }, "must"),
      at({ part: "title" }, "may"),
      at({ part: "description" }),
      at({ part: "slug" }),
      at({ part: "heading", index: 1 }),
      at({ part: "heading", index: 2 }),
      at({ part: "block", index: 0 }),
      at({ part: "picture", index: 3 }),
      at({ part: "link", index: 0 }),
      at({ part: "data", pointer: "/1", range: { start: 8, end: 9 } }),
      at({ part: "data", pointer: "/0", range }),
      at({ part: "head" }),
      at({ part: "markup" }),
    ];
    expect(inPage.toReversed().sort(inOrder)).toEqual(inPage);
  });

  it("are counted by weight", () => {
    const all = [
      at({ part: "title" }, "must"),
      at({ part: "slug" }),
      at({ part: "slug" }),
      at({ part: "head" }, "may"),
    ];
    expect(totalsOf(all)).toEqual({ must: 1, should: 2, may: 1 });
    expect(totalsOf([])).toEqual({ must: 0, should: 0, may: 0 });
  });
});

describe("a fix", () => {
  const fix = { label: "Shorter", edits: [] };
  it("is made when it is asked for, and may be none", () => {
    expect(fixOf({ fix })).toBe(fix);
    expect(fixOf({ fix: () => fix })).toBe(fix);
    expect(fixOf({ fix: () => null })).toBeNull();
    expect(fixOf({})).toBeNull();
  });
});

describe("names of findings", () => {
  it("are the rule and the place, and what tells it from others there", () => {
    const key = keysFor("data/missing");
    expect([key("data /0"), key("data /1"), key("data /0", "price")]).toEqual([
      "data/missing @ data /0",
      "data/missing @ data /1",
      "data/missing @ data /0 (price)",
    ]);
  });

  it("count those that would have one name, the first of all among them", () => {
    const key = keysFor("r");
    expect([key("a"), key("a"), key("b"), key("a"), key("b"), key("c")]).toEqual([
      "r @ a",
      "r @ a #2",
      "r @ b",
      "r @ a #3",
      "r @ b #2",
      "r @ c",
    ]);
    // Another rule, or the same on another page, begins anew.
    expect(keysFor("r")("a")).toBe("r @ a");
  });
});

it("a finding across pages is one of one page, with the others beside it", () => {
  const on = ["a", "b"].map((page) => ({
    page,
    address: `https://quay.example/${page}`,
    at: { part: "title" } as const,
    weight: "must" as const,
    key: `title/duplicate @ ${page}`,
  }));
  const [a, b] = on;
  if (!a || !b) throw new Error("two pages");
  const across: SiteFinding = { rule: "title/duplicate", weight: "must", message: "2 pages have one title.", on };
  const { rule, weight, message } = across;
  const other = { at: b.at, page: { id: "b", address: "https://quay.example/b" } };
  const found = { rule, weight, message, at: a.at, related: [other], fix: null, key: "title/duplicate @ a" };
  expect(findingOn(across, a)).toEqual(found);
  expect(findingOn(across, { ...a, weight: "may", related: [] })).toEqual({ ...found, weight: "may", related: [] });
});
