import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { mergeJson } from "./merge-json.ts";

const BASE = `{
  "@type": "Event",
  "name": "Lamps",
  "offers": { "price": 4, "currency": "GBP" },
  "tags": ["a", "b"]
}`;
const merged = (mine: string, theirs: string, base = BASE) => {
  const result = mergeJson(base, mine, theirs);
  if (!result) throw new Error("no JSON");
  return result;
};

describe("two changes of one text of JSON", () => {
  it("are brought together where they change different values, and how theirs is written stays", () => {
    const theirs = BASE.replace('"Lamps"', '"Lamps at night"').replace("4,", "4.00,");
    const { theirs: both, mine, clashes } = merged(BASE.replace('"GBP"', '"EUR"'), theirs);
    expect(both).toBe(theirs.replace('"GBP"', '"EUR"'));
    expect([mine, clashes]).toEqual([both, []]);
  });

  it("clash where both change a value, each otherwise: the others are taken all the same", () => {
    const mine = BASE.replace("4,", "5,").replace('"Lamps"', '"Red lamps"');
    const theirs = BASE.replace("4,", "6,");
    const result = merged(mine, theirs);
    expect(result.clashes).toEqual([{ pointer: "/offers/price", was: "4", mine: "5", theirs: "6" }]);
    expect(JSON.parse(result.theirs)).toMatchObject({ name: "Red lamps", offers: { price: 6 } });
    expect(JSON.parse(result.mine)).toMatchObject({ name: "Red lamps", offers: { price: 5 } });
  });

  it("do not clash where both have done the same", () => {
    const both = BASE.replace("4,", "5,");
    expect(merged(both, both)).toEqual({ theirs: both, mine: both, clashes: [] });
  });

  it.each<[string, string, string, string | null, string | null]>([
    [
      "taken out by me and changed by them",
      BASE.replace('"name": "Lamps",', ""),
      BASE.replace("Lamps", "Lights"),
      null,
      '"Lights"',
    ],
    [
      "changed by me and taken out by them",
      BASE.replace("Lamps", "Lights"),
      BASE.replace('"name": "Lamps",', ""),
      '"Lights"',
      null,
    ],
  ])("clash over a value that is %s", (_, mine, theirs, is, now) => {
    expect(merged(mine, theirs).clashes).toEqual([{ pointer: "/name", was: '"Lamps"', mine: is, theirs: now }]);
  });

  it("take a list of another length as one value, and one of the same value by value", () => {
    expect(merged(BASE.replace('"b"]', '"b", "c"]'), BASE.replace('["a"', '["x"')).clashes).toMatchObject([
      { pointer: "/tags", mine: '["a","b","c"]', theirs: '["x","b"]' },
    ]);
    const { theirs, clashes } = merged(BASE.replace('"b"]', '"y"]'), BASE.replace('["a"', '["x"'));
    expect([JSON.parse(theirs).tags, clashes]).toEqual([["x", "y"], []]);
  });

  it("tell a change whose place is gone, and put it nowhere", () => {
    const theirs = BASE.replace(/"offers": .*,\n/, '"offers": "none",\n');
    const { mine, clashes } = merged(BASE.replace("4,", "5,"), theirs);
    expect(mine).toBe(theirs);
    expect(clashes).toEqual([{ pointer: "/offers/price", was: "4", mine: "5", theirs: null }]);
  });

  it("have names that are no path and no property of an object", () => {
    const base = '{"a/b":{"~c":1},"__proto__":{"x":1},"toString":2}';
    const { theirs, clashes } = merged(
      base.replace('"~c":1', '"~c":3'),
      base.replace('"toString":2', '"toString":4'),
      base,
    );
    expect(theirs).toBe('{"a/b":{"~c":3},"__proto__":{"x":1},"toString":4}');
    expect(clashes).toEqual([]);
    const clash = merged(base.replace('"~c":1', '"~c":3'), base.replace('"~c":1', '"~c":4'), base);
    expect(clash.clashes[0]?.pointer).toBe("/a~1b/~0c");
  });

  it("are none where one of the texts is no JSON", () => {
    expect(mergeJson(BASE, "{", BASE)).toBeNull();
    expect(mergeJson(BASE, BASE, "x")).toBeNull();
  });

  const value = fc.letrec((tie) => ({
    value: fc.oneof(
      { depthSize: "small", withCrossShrink: true },
      fc.constantFrom<unknown>(1, 2, "a", "b", true, null),
      fc.array(tie("value"), { maxLength: 3 }),
      fc.dictionary(fc.constantFrom("a", "b", "c"), tie("value"), { maxKeys: 3 }),
    ),
  })).value;

  it("leave nothing of either out where only one side has changed", () => {
    fc.assert(
      fc.property(value, value, (one, other) => {
        const [base, is] = [JSON.stringify({ one }), JSON.stringify({ one: other })];
        expect(JSON.parse(merged(is, base, base).theirs)).toEqual({ one: other });
        expect(merged(base, is, base)).toEqual({ theirs: is, mine: is, clashes: [] });
      }),
      { numRuns: 300 },
    );
  });
});
