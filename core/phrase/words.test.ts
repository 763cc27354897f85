import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { findPhrase } from "./match.ts";
import { addWords, wordsOf } from "./words.ts";

/** Unicode 15.0.0, auxiliary/WordBreakTest.txt, as Debian's `unicode-data` has it: texts with where they may be parted. */
const LINES = readFileSync(new URL("./unicode/WordBreakTest.txt", import.meta.url), "utf8")
  .split("\n")
  .filter((line) => line.startsWith("÷"))
  .map((line) =>
    line
      .split("÷")
      .map((part) =>
        part
          .split("×")
          .flatMap((code) => (code.trim() === "" ? [] : String.fromCodePoint(Number.parseInt(code, 16))))
          .join(""),
      )
      .filter((part) => part !== ""),
  );

describe("words", () => {
  it("are parted where Unicode's own test data part them", () => {
    expect(LINES).toHaveLength(1823);
    const otherwise = LINES.filter((parts) => {
      const words = parts.filter((part) => /[\p{L}\p{N}]/u.test(part));
      return JSON.stringify(wordsOf(parts.join(""), "").map(({ text }) => text)) !== JSON.stringify(words);
    });
    // A picture that a joiner ties to a letter is no part of the word: two of the lines.
    expect(otherwise).toEqual([["a\u200d🛑"], ["a\u200d✁"]].map((parts) => expect.arrayContaining(parts)));
  });

  it("are found whatever is in them that nobody sees", () => {
    const kinds = (text: string) => findPhrase("fog signals", text, { language: "en" }).map(({ kind }) => kind);
    expect(kinds("Our fog sig\u00adnals")).toEqual(["exact"]);
    expect(kinds("Our fog sig\u00adnal")).toEqual(["form"]);
    expect(kinds("Our \u2060fog\u2060 signals")).toEqual(["exact"]);
  });
});

describe("the different words of a text", () => {
  it("are those that are found one by one, also where they are read as ASCII", () => {
    const signs = fc.constantFrom(..."aZq07_ .,;:'+#-!/\n\t\u0000é’·船".split(""));
    const texts = fc.oneof(
      fc.array(signs, { maxLength: 30 }).map((some) => some.join("")),
      fc
        .array(
          fc.constantFrom(
            "l'amour",
            "C++",
            "C#",
            "c#d",
            "1,000.5",
            "it's",
            "a:b",
            "_",
            "__init__",
            "x_1",
            "3.b",
            "don't.",
            "a.b.c",
            "9'9",
          ),
          { maxLength: 8 },
        )
        .map((some) => some.join(" ")),
      fc.string({ unit: "binary-ascii" }),
      fc.string({ unit: "grapheme" }),
    );
    fc.assert(
      fc.property(texts, fc.constantFrom("en", "fr", "ja", ""), (text, language) => {
        const words = new Set<string>();
        addWords(text, language, words);
        expect([...words]).toEqual([...new Set(wordsOf(text, language).map((word) => word.text))]);
      }),
      { numRuns: 3_000 },
    );
  });
});
