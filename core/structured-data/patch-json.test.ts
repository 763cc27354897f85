import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sameBlock } from "./block-text.ts";
import { pathOfPointer, replaceValue } from "./patch-json.ts";

describe("a text of JSON with one value changed", () => {
  it.each([
    // In one line it stays in one line, in the spacing that it has.
    ['{"a":1}', ["b"], 2, '{"a":1,"b":2}'],
    ['{"a": 1, "b": 2}', ["c"], { d: 3 }, '{"a": 1, "b": 2, "c": {"d":3}}'],
    ["[1,2]", [2], 3, "[1,2,3]"],
    ["{}", ["a"], [1], '{"a":[1]}'],
    ['{"a":1,"b":2}', ["a"], undefined, '{"b":2}'],
    ['{"a":[{"x":1},{"y":2}]}', ["a", 0], undefined, '{"a":[{"y":2}]}'],
    // In lines each has its own, as deep as its neighbours.
    ['{\n  "a": 1\n}', ["b"], { c: [1] }, '{\n  "a": 1,\n  "b": {\n    "c": [\n      1\n    ]\n  }\n}'],
    ['{\r\n\t"a": 1\r\n}', ["b"], 2, '{\r\n\t"a": 1,\r\n\t"b": 2\r\n}'],
    ['{\n  "a": { "x": 1 },\n  "b": 2\n}', ["a", "y"], 2, '{\n  "a": { "x": 1, "y": 2 },\n  "b": 2\n}'],
    ['{\n  "a": {},\n  "b": 2\n}', ["a", "y"], 2, '{\n  "a": {\n    "y": 2\n  },\n  "b": 2\n}'],
    ['{\n  "a": 1,\n  "b": 2\n}', ["b"], undefined, '{\n  "a": 1\n}'],
    ['{ "a": 1,\n  "b": 2 }', ["c"], 3, '{ "a": 1,\n  "b": 2, "c": 3 }'],
    ['{\n  "a": 1\n}', ["a"], [1], '{\n  "a": [\n    1\n  ]\n}'],
    ['{\n  "a": [1]\n}', ["a"], [1, 2], '{\n  "a": [1,2]\n}'],
  ])("%j at %j", (text, path, value, expected) => expect(replaceValue(text, path, value)).toBe(expected));

  it("says the new value, and everything else is as it was", () => {
    const spacing = fc.constantFrom(undefined, 1, 2, 4, "\t");
    const line = fc.constantFrom("\n", "\r\n");
    fc.assert(
      fc.property(
        fc.dictionary(fc.string(), fc.jsonValue(), { minKeys: 1 }),
        fc.string(),
        fc.jsonValue(),
        spacing,
        line,
        (own, name, value, indent, end) => {
          const text = JSON.stringify(own, null, indent).replaceAll("\n", end);
          const patched = replaceValue(text, [name], value);
          // JSON has no zero below zero.
          expect(JSON.parse(patched)).toEqual(JSON.parse(JSON.stringify({ ...own, [name]: value })));
          // What is set as JSON.stringify sets it stays so.
          if (!Object.hasOwn(own, name) && name !== "__proto__" && !/^\d+$/.test(name))
            expect(patched).toBe(
              JSON.stringify(Object.fromEntries([...Object.entries(own), [name, value]]), null, indent).replaceAll(
                "\n",
                end,
              ),
            );
        },
      ),
    );
  });

  it("without it again is what it was", () => {
    const names = fc.stringMatching(/^x[a-z]{1,4}$/);
    fc.assert(
      fc.property(
        fc.dictionary(names, fc.jsonValue(), { minKeys: 1 }),
        fc.jsonValue(),
        fc.constantFrom(undefined, 2, "\t"),
        (own, value, indent) => {
          const text = JSON.stringify(own, null, indent);
          expect(replaceValue(replaceValue(text, ["added"], value), ["added"], undefined)).toBe(text);
        },
      ),
    );
  });
});

// RFC 6901, section 5: the pointers of its example.
describe("a JSON pointer", () => {
  it.each([
    ["", []],
    ["/foo/0", ["foo", 0]],
    ["/a~1b", ["a/b"]],
    ["/m~0n", ["m~n"]],
    ["/ ", [" "]],
  ])("%s", (pointer, path) => expect(pathOfPointer(pointer)).toEqual(path));
});

it("knows a block by its text, line endings and outer space apart", () => {
  expect(sameBlock('\r\n{"a":1}\r\n', '{"a":1}')).toBe(true);
  expect(sameBlock('{"a":1}', '{"a":2}')).toBe(false);
});
