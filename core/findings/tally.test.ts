import { describe, expect, it } from "vitest";
import type { SiteFinding } from "./finding.ts";
import { countFound, packFound } from "./found.ts";
import { tallyOf, toBeginWith } from "./tally.ts";

const page = (id: string, found: Record<string, [number, number, number]>) => ({
  id,
  found: packFound(new Map(Object.entries(found).map(([rule, [must, should, may]]) => [rule, { must, should, may }]))),
});
const across = (rule: string, weight: "must" | "should" | "may", pages: string[]) =>
  ({
    rule,
    weight,
    message: "",
    on: pages.map((one) => ({ page: one, weight, key: "", at: { part: "markup" }, related: [], fix: null })),
  }) as unknown as SiteFinding;

const pages = [
  page("a", { "title/missing": [1, 0, 0], "heading/empty": [0, 3, 0] }),
  page("b", { "heading/empty": [0, 1, 1], "title/case": [0, 0, 1] }),
  page("c", { "title/case": [0, 0, 1] }),
];

describe("a tally", () => {
  it("counts pages and findings of every rule, the weightiest first, then what most pages share", () => {
    expect(tallyOf(pages, [])).toEqual({
      totals: { must: 1, should: 4, may: 3 },
      rules: [
        { rule: "title/missing", weight: "must", pages: 1, findings: 1 },
        // Of two weights on one page the page counts once.
        { rule: "heading/empty", weight: "should", pages: 2, findings: 5 },
        { rule: "title/case", weight: "may", pages: 2, findings: 2 },
      ],
    });
  });

  it("counts a finding across pages once, and each of its pages once", () => {
    const found = [
      across("title/duplicate", "should", ["a", "b"]),
      across("title/duplicate", "should", ["b", "c"]),
      across("title/duplicate", "should", ["elsewhere"]),
    ];
    expect(tallyOf(pages, found).rules).toContainEqual({
      rule: "title/duplicate",
      weight: "should",
      pages: 3,
      findings: 2,
    });
  });

  it("counts what is wrong in a JSON-LD block that a template repeats once, and each of its pages", () => {
    const found = (block: string, n: number) =>
      packFound(countFound(Array.from({ length: n }, () => ({ rule: "data/url", weight: "should" as const, block }))));
    const repeated = [
      { id: "a", found: found("k1", 2) },
      { id: "b", found: found("k1", 2) },
      // On this page the same block has one more.
      { id: "c", found: found("k1", 3) },
      { id: "d", found: found("own", 1) },
    ];
    const rule = { rule: "data/url", weight: "should", pages: 4, findings: 4 };
    expect(tallyOf(repeated, [])).toEqual({ totals: { must: 0, should: 4, may: 0 }, rules: [rule] });
    expect(tallyOf(repeated.slice(1), [], "should").rules).toEqual([{ ...rule, pages: 3 }]);
  });

  it("is of one weight where that is asked", () => {
    expect(tallyOf(pages, [across("link/broken", "must", ["a"])], "may")).toEqual({
      totals: { must: 0, should: 0, may: 3 },
      rules: [
        { rule: "title/case", weight: "may", pages: 2, findings: 2 },
        { rule: "heading/empty", weight: "may", pages: 1, findings: 1 },
      ],
    });
  });

  it("is empty for no pages and for pages without findings", () => {
    const empty = { totals: { must: 0, should: 0, may: 0 }, rules: [] };
    expect(tallyOf([], [across("link/broken", "must", ["a"])])).toEqual(empty);
    expect(tallyOf([page("a", {})], [])).toEqual(empty);
  });

  it("adds up ten thousand pages that all have the same finding", () => {
    const many = Array.from({ length: 10_000 }, (_, i) => page(String(i), { "title/case": [0, 0, 1] }));
    expect(tallyOf(many, []).rules).toEqual([{ rule: "title/case", weight: "may", pages: 10_000, findings: 10_000 }]);
  });
});

it("begins with the weightiest that most pages share and that has fixes", () => {
  const tally = tallyOf(pages, []);
  const begun = (hasFix: (rule: string) => boolean, visits: Record<string, number> = {}, of = tally) =>
    toBeginWith(of, { hasFix, visits: (rule) => visits[rule] ?? 0 })?.rule ?? null;
  expect(begun((rule) => rule.startsWith("heading/") || rule === "title/case")).toBe("heading/empty");
  expect(begun(() => false)).toBeNull();
  const equal = tallyOf(
    [
      page("a", { "heading/empty": [0, 1, 0], "title/case": [0, 1, 0], "slug/case": [1, 0, 0] }),
      page("b", { "heading/empty": [0, 1, 0], "slug/case": [1, 0, 0], "title/short": [0, 0, 1] }),
    ],
    [],
  );
  expect(begun(() => true, {}, equal)).toBe("heading/empty");
  expect(begun(() => true, { "title/case": 9, "heading/empty": 2, "title/short": 99 }, equal)).toBe("title/case");
  expect(begun((rule) => rule === "slug/case", {}, equal)).toBeNull();
});
