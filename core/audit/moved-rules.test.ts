import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  countFound,
  isFound,
  NO_TOTALS,
  packFound,
  rulesFound,
  type Totals,
  totalsFound,
  unpackFound,
} from "../findings/found.ts";
import { PAGE_RULES } from "../rules/catalogue.ts";
import { DEFAULT_HOUSE_STYLE, type HouseStyle } from "../settings/house-style.ts";
import { foundAfter, movedRules } from "./moved-rules.ts";

const basis = (over: Partial<HouseStyle> = {}): HouseStyle => ({ ...DEFAULT_HOUSE_STYLE, brand: "Quay", ...over });
const moved = (was: HouseStyle, is: HouseStyle, kind: "article" | "product" = "article") =>
  movedRules(was, is, kind).map(({ rule, how }) => `${rule.id} ${how}`);
const heeding = (what: string) =>
  PAGE_RULES.filter(({ heeds, off }) => !off && heeds?.includes(what as never)).map(({ id }) => `${id} again`);

describe("the rules that a change of the house style moves", () => {
  it("are none where nothing has changed that rules look at", () => {
    expect(moved(basis(), basis())).toEqual([]);
    expect(moved(basis(), basis({ patterns: { title: "{page heading}" } }))).toEqual([]);
  });

  it.each([
    ["brand", { brand: "Another" }],
    ["separator", { separator: " – " }],
  ] as const)("are those that heed the %s", (what, over) => {
    expect(heeding(what).length).toBeGreaterThan(0);
    expect(moved(basis(), basis(over))).toEqual(heeding(what));
  });

  it("of a setting are its own rule, and those that heed the limits where it is one", () => {
    const characters = { rules: { "title/too-many-characters": { settings: { limit: 20 } } } };
    const on = { rules: { "title/too-many-characters": {} } };
    expect(moved(basis(on), basis(characters))).toEqual(["title/too-many-characters again"]);
    const width = { rules: { "title/too-wide": { settings: { limitPx: 300 } } } };
    expect(moved(basis(), basis(width)).sort()).toEqual(
      [...new Set(["title/too-wide again", ...heeding("limits")])].sort(),
    );
  });

  it("of a rule that is switched, weighed, or weighed otherwise again", () => {
    const rule = (of: HouseStyle["rules"][string]) => basis({ rules: { "heading/skipped-level": of } });
    expect(moved(basis(), rule({ on: false }))).toEqual(["heading/skipped-level off"]);
    expect(moved(rule({ on: false }), basis())).toEqual(["heading/skipped-level again"]);
    expect(moved(basis(), rule({ weight: "may" }))).toEqual(["heading/skipped-level weighed"]);
    // What it weighs by itself is known by running it alone.
    expect(moved(rule({ weight: "may" }), basis())).toEqual(["heading/skipped-level again"]);
    expect(moved(rule({ on: false }), rule({ on: false, weight: "may" }))).toEqual([]);
  });

  it("for pages of a kind are for those alone", () => {
    const kinds = { product: { rules: { "heading/skipped-level": { on: false } } } };
    expect(moved(basis(), basis({ kinds }), "product")).toEqual(["heading/skipped-level off"]);
    expect(moved(basis(), basis({ kinds }), "article")).toEqual([]);
  });
});

describe("what is found once rules have moved", () => {
  const was = packFound(
    new Map([
      ["heading/skipped-level", { must: 1, should: 2, may: 0 }],
      ["head/doctype-missing", { must: 1, should: 0, may: 0 }],
    ]),
  );
  const foundWith = (over: HouseStyle["rules"][string], again: Totals = NO_TOTALS) => {
    const is = basis({ rules: { "heading/skipped-level": over } });
    const found = foundAfter(was, movedRules(basis(), is, "article"), is, () => again);
    return Object.fromEntries(unpackFound(found));
  };
  const missing = { must: 1, should: 0, may: 0 };

  it("is gone of a rule that is off, and weighed anew without a page", () => {
    expect(foundWith({ on: false })).toEqual({ "head/doctype-missing": missing });
    expect(foundWith({ weight: "may" })).toEqual({
      "heading/skipped-level": { must: 0, should: 0, may: 3 },
      "head/doctype-missing": missing,
    });
  });

  it("is what a rule finds that is run again, and nothing of it where it finds nothing", () => {
    const is = basis({ brand: "Another" });
    const all = movedRules(basis(), is, "article");
    const first = all[0]?.rule.id ?? "";
    const found = foundAfter(was, all, is, ({ id }) => (id === first ? { ...NO_TOTALS, should: 4 } : NO_TOTALS));
    expect(unpackFound(found).get(first)).toEqual({ must: 0, should: 4, may: 0 });
    expect(rulesFound(found)).toEqual([...new Set(["heading/skipped-level", "head/doctype-missing", first])].sort());
  });
});

describe("findings by rule, packed", () => {
  const totals = fc.record({ must: fc.nat(9), should: fc.nat(9), may: fc.nat(9) });
  const ids = PAGE_RULES.map(({ id }) => id);

  it("are what they were, sorted, without rules that found nothing", () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...ids), totals)), (entries) => {
        const found = new Map(entries);
        const some = new Map([...found].filter(([, { must, should, may }]) => must + should + may > 0));
        const packed = packFound(found);
        expect(unpackFound(packed)).toEqual(some);
        expect(packFound(unpackFound(packed))).toBe(packed);
        for (const id of ids) expect(isFound(packed, id)).toBe(some.has(id));
        const sum = { ...NO_TOTALS };
        for (const one of some.values())
          for (const weight of ["must", "should", "may"] as const) sum[weight] += one[weight];
        expect(totalsFound(packed)).toEqual(sum);
      }),
    );
  });

  it("are counted by rule and weight, and a rule is not taken for one that it begins with", () => {
    const found = packFound(
      countFound([
        { rule: "title/too-wide-mobile", weight: "may" },
        { rule: "title/too-wide-mobile", weight: "may" },
        { rule: "link/broken", weight: "must" },
      ]),
    );
    expect([isFound(found, "title/too-wide"), isFound(found, "title/too-wide-mobile")]).toEqual([false, true]);
    expect([totalsFound(found), totalsFound(packFound(new Map()))]).toEqual([
      { must: 1, should: 0, may: 2 },
      NO_TOTALS,
    ]);
  });
});
