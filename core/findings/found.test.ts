import { describe, expect, it } from "vitest";
import { countFound, isFound, NO_TOTALS, packFound, rulesFound, totalsFound, unpackFound } from "./found.ts";

const counted = countFound([
  { rule: "title/missing", weight: "must" },
  { rule: "heading/empty", weight: "should" },
  { rule: "heading/empty", weight: "should" },
  { rule: "heading/empty", weight: "may" },
]);

describe("what was found on a page", () => {
  it("is counted by rule and weight, without touching what stands for nothing", () => {
    expect(Object.fromEntries(counted)).toEqual({
      "title/missing": { must: 1, should: 0, may: 0 },
      "heading/empty": { must: 0, should: 2, may: 1 },
    });
    expect(NO_TOTALS).toEqual({ must: 0, should: 0, may: 0 });
  });

  it("is one text, the same in whatever order it was found, without rules that found nothing", () => {
    const packed = packFound(new Map([...counted, ["title/case", NO_TOTALS]]));
    expect(packed).toBe("\nheading/empty 0 2 1\ntitle/missing 1 0 0");
    expect(packFound(new Map([...counted].reverse()))).toBe(packed);
    expect(packFound(new Map())).toBe("");
    expect(Object.fromEntries(unpackFound(packed))).toEqual(Object.fromEntries(counted));
    expect(unpackFound("").size).toBe(0);
  });

  it("says which rules have found something, by their whole names, and how much there is", () => {
    const packed = packFound(counted);
    expect(rulesFound(packed)).toEqual(["heading/empty", "title/missing"]);
    expect(["title/missing", "title/miss", "issing", "title/case"].map((rule) => isFound(packed, rule))).toEqual([
      true,
      false,
      false,
      false,
    ]);
    expect(totalsFound(packed)).toEqual({ must: 1, should: 2, may: 1 });
    expect(totalsFound("")).toEqual({ must: 0, should: 0, may: 0 });
  });
});
