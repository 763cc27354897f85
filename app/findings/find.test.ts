import { describe, expect, it } from "vitest";
import { findingsReport } from "#core/exchange/findings-report";
import type { RuleTally } from "#core/findings/tally";
import { findIn } from "./find";

const tally = (rule: string, pages: number): RuleTally => ({ rule, weight: "should", pages }) as RuleTally;
const LINES = [tally("title/missing", 2), tally("title/too-wide", 2), tally("heading/skipped-level", 1)];
const report = findingsReport(
  {
    pages: [
      {
        address: "https://a.example/lamps",
        findings: [{ rule: "title/too-wide", weight: "should", message: "Desktop loses “to shore”." }],
      },
      {
        address: "https://a.example/boats",
        findings: [
          { rule: "title/too-wide", weight: "should", message: "Desktop loses “and prices”." },
          { rule: "heading/skipped-level", weight: "should", message: "H4 follows the H2 “When the ship is open”." },
        ],
      },
    ],
    across: [],
  },
  { of: "a", day: "2026-11-28" },
);
const rules = (words: string, told: typeof report | null) => {
  const found = findIn(words, told);
  return LINES.filter(found.line).map(({ rule }) => rule);
};

describe("a search among the findings", () => {
  it("looks at a line's sentence, its rule and its subject", () => {
    expect(rules("", null)).toHaveLength(3);
    expect(rules("no title", null)).toEqual(["title/missing"]);
    expect(rules("HEADING/", null)).toEqual(["heading/skipped-level"]);
    expect(rules("to shore", null)).toEqual([]);
  });

  it("looks at what pages are told once that has been read, and leaves the pages that are meant", () => {
    expect(rules("to shore", report)).toEqual(["title/too-wide"]);
    expect(rules("/boats", report)).toEqual(["title/too-wide", "heading/skipped-level"]);
    const found = findIn("to shore", report);
    LINES.filter(found.line);
    expect(["lamps", "boats"].map((name) => found.page("title/too-wide", `https://a.example/${name}`))).toEqual([
      true,
      false,
    ]);
  });

  it("leaves all pages of a line that is meant itself", () => {
    const found = findIn("cut on desktop", report);
    expect(LINES.filter(found.line).map(({ rule }) => rule)).toEqual(["title/too-wide"]);
    expect(found.page("title/too-wide", "https://a.example/boats")).toBe(true);
  });
});
