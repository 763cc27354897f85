import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { doubledKeys, pointerOf, rangeAt, readJson, type Slip } from "./json-text.ts";

const fault = (text: string) => {
  const read = readJson(text);
  if (!("fault" in read)) throw new Error("it is JSON");
  return read.fault;
};

describe("JSON", () => {
  // RFC 8259, section 13: the two texts of its examples.
  it("is read as RFC 8259 has it", () => {
    const image = '{"Image":{"Width":800,"Title":"View from 15th Floor","Animated":false,"IDs":[116,943,234,38793]}}';
    expect(readJson(image)).toEqual({ value: JSON.parse(image) });
    expect(readJson("[]")).toEqual({ value: [] });
  });

  it.each<[Slip, string, unknown]>([
    ["trailing-comma", '{"a": 1,\n}', { a: 1 }],
    ["trailing-comma", '{"a": [1, 2, ], "b": 3}', { a: [1, 2], b: 3 }],
    ["missing-comma", '{"a": 1\n "b": 2}', { a: 1, b: 2 }],
    ["missing-comma", '[{"a": 1} {"a": 2}]', [{ a: 1 }, { a: 2 }]],
    ["curly-quotes", "{“a”: “It’s 5” wide”}", null],
    ["curly-quotes", "{“a”: “x”, “b”: 1}", { a: "x", b: 1 }],
    ["single-quotes", "{'a': 'It\\'s'}", { a: "It's" }],
    ["comment", '{"a": 1 // one\n}', { a: 1 }],
    ["comment", '/* x */ {"a": 1}', { a: 1 }],
    ["line-break", '{"a": "one\ntwo"}', { a: "one\ntwo" }],
    ["html-comment", '<!-- {"a": 1} -->', { a: 1 }],
    ["html-comment", '/* <![CDATA[ */ {"a": 1} /* ]]> */', { a: 1 }],
    ["missing-bracket", '{"a": {"b": 1}', { a: { b: 1 } }],
    ["missing-bracket", '{"a": [1, 2}', { a: [1, 2] }],
  ])("names %s in %s and puts it right where that is sure", (slip, text, value) => {
    const { slip: found, repaired } = fault(text);
    expect(found).toBe(slip);
    if (value !== null) expect(JSON.parse(repaired ?? "null")).toEqual(value);
  });

  it.each([
    ["HTML", "<p>no</p>"],
    ["a script", "var data = {}"],
    ["nothing", ""],
  ])("is not made of %s", (_, text) => {
    expect(fault(text).repaired).toBeNull();
  });

  it("is told where it goes wrong", () => {
    expect(fault('{"a": 1,\n}').offset).toBe(7);
    expect(fault('{"a": 1\n "b": 2}').offset).toBe(9);
  });

  it("that is right is never put right", () => {
    fc.assert(
      fc.property(fc.json(), (text) => {
        expect(readJson(text)).toEqual({ value: JSON.parse(text) });
      }),
    );
  });

  it("that lacks one comma or bracket is what it was, or left alone", () => {
    fc.assert(
      fc.property(fc.dictionary(fc.string({ minLength: 1 }), fc.integer(), { minKeys: 2 }), (value) => {
        const text = JSON.stringify(value, null, 1);
        const { repaired } = fault(text.slice(0, -1));
        expect(JSON.parse(repaired ?? "null")).toEqual(JSON.parse(text));
      }),
    );
  });

  // RFC 6901, section 5: pointers of its example.
  it("is pointed into as RFC 6901 does", () => {
    expect([[], ["foo", 0], ["a/b"], ["m~n"], [" "]].map(pointerOf)).toEqual(["", "/foo/0", "/a~1b", "/m~0n", "/ "]);
  });

  it("has places for names and values, the last of doubled ones", () => {
    const text = '{"a": {"b": [1, "two"]}, "a": 3}';
    const at = (path: (string | number)[], part: "key" | "value") => {
      const { start, end } = rangeAt(text, path, part);
      return text.slice(start, end);
    };
    expect(at(["a"], "value")).toBe("3");
    expect(at(["a"], "key")).toBe('"a"');
    expect(doubledKeys(text)).toEqual([{ name: "a", range: { start: 25, end: 28 } }]);
  });
});
