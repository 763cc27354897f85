import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { asCounted, countFound, isFound, NO_TOTALS, packFound, rulesFound, totalsFound, unpackFound } from "./found.ts";

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

  it("names the JSON-LD block of a finding by its text, alike on pages that share it", () => {
    const block = (type: string) => `<script type="application/ld+json">{"@type":"${type}"}</script>`;
    const read = (head: string) => readPage(originalFromText(`<head>${head}`), { address: "https://quay.example/" });
    const finding = (pointer: string) => ({
      rule: "data/unknown-type",
      weight: "must" as const,
      at: { part: "data" as const, pointer, range: { start: 0, end: 1 } },
    });
    const [alone, second] = [read(block("Organisation")), read(block("Musem") + block("Organisation"))];
    const shared = asCounted(finding("0/@type"), alone).block;
    expect(shared).toMatch(/^[a-z0-9]+$/);
    expect(asCounted(finding("1/@type"), second).block).toBe(shared);
    expect(asCounted(finding("0/@type"), second).block).not.toBe(shared);
    // Data in the markup is in no block, nor is anything else.
    expect(asCounted(finding("markup 1"), alone)).toEqual({ rule: "data/unknown-type", weight: "must" });
    expect(asCounted({ rule: "title/case", weight: "may", at: { part: "head" } }, alone).block).toBeUndefined();
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
