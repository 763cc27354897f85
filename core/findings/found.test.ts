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

  it("remembers what stands in which JSON-LD block, so that a block that pages share can be known again", () => {
    const found = countFound([
      { rule: "data/url", weight: "must", block: "k1" },
      { rule: "data/url", weight: "may", block: "k1" },
      { rule: "data/url", weight: "may", block: "k2" },
      { rule: "data/url", weight: "may" },
    ]);
    const packed = packFound(found);
    expect(packed).toBe("\ndata/url 1 0 3 k1 1.0.1 k2 0.0.1");
    expect(unpackFound(packed)).toEqual(found);
    expect(totalsFound(packed)).toEqual({ must: 1, should: 0, may: 3 });
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
