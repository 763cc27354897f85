import { Encodings, Font, FontNames } from "@pdf-lib/standard-fonts";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { countCharacters, cutText } from "./cut.ts";
import { runsFromRight } from "./direction.ts";
import { advances, widthAtMost, widthOf } from "./width.ts";

const arimo = { family: "arimo", size: 20 } as const;

describe("widths", () => {
  // Adobe's AFM files of the core fonts: advance widths in thousandths of an em.
  it.each([
    [FontNames.Helvetica, false],
    [FontNames.HelveticaBold, true],
  ])("of Arimo equal Adobe's %s for all printable ASCII", (name, bold) => {
    const afm = Font.load(name);
    for (let code = 32; code <= 126; code++) {
      const expected = afm.getWidthOfGlyph(Encodings.WinAnsi.encodeUnicodeCodePoint(code).name);
      const char = String.fromCharCode(code);
      const px = widthOf(char, { family: "arimo", size: 1000 }, bold ? [{ start: 0, end: 1 }] : []);
      expect(expected).toBeGreaterThan(0);
      expect(Math.abs(px - (expected ?? 0)), char).toBeLessThan(1);
    }
  });

  it("kern pairs: AV is narrower than A and V", () => {
    expect(widthOf("AV", arimo)).toBeLessThan(widthOf("A", arimo) + widthOf("V", arimo));
  });

  it("take full-width forms as one em, combining marks as nothing, joined emoji as one", () => {
    expect(widthOf("船", arimo)).toBe(20);
    expect(widthOf("e\u0301", arimo)).toBe(widthOf("e", arimo));
    expect(widthOf("👩‍🚀", arimo)).toBe(widthOf("👩", arimo));
  });

  it("never fall along a text, and end at its width", () => {
    fc.assert(
      fc.property(fc.string({ unit: "grapheme" }), (text) => {
        const sums = advances(text, arimo);
        expect(sums[text.length]).toBe(widthOf(text, arimo));
      }),
    );
  });
});

describe("cutting", () => {
  const words = fc.array(
    fc.constantFrom(
      "ship",
      "lamp",
      "of",
      "the",
      "Gullhaven",
      "–",
      "museum,",
      "é́a",
      "船",
      "Donaudampfschifffahrtsgesellschaft",
    ),
    { maxLength: 40 },
  );

  it("is never wider than the limit, never longer than the text, at a word's end where one fits", () => {
    fc.assert(
      fc.property(words, fc.integer({ min: 60, max: 700 }), (list, limit) => {
        const text = list.join(" ");
        const cut = cutText(text, [limit], arimo);
        expect(cut.end).toBeLessThanOrEqual(text.length);
        if (cut.lost === "") {
          expect(cut.shown).toBe(text);
          return;
        }
        expect(widthOf(cut.shown, arimo)).toBeLessThanOrEqual(limit + 0.001);
        const inside = /[A-Za-z]/.test(text[cut.end - 1] ?? "") && /[A-Za-z]/.test(text[cut.end] ?? "");
        const firstWord = text.split(" ")[0] ?? "";
        if (inside) expect(widthOf(`${firstWord} …`, arimo)).toBeGreaterThan(limit);
      }),
    );
  });

  it("counts grapheme clusters", () => {
    expect(countCharacters("naïve")).toBe(5);
    expect(countCharacters("e\u0301👩‍🚀🇬🇧")).toBe(3);
    expect(countCharacters("")).toBe(0);
  });

  it("sets a title of a megabyte without trouble", () => {
    const cut = cutText("word ".repeat(200_000), [600], arimo);
    expect(cut.end).toBeLessThan(100);
  });
});

// The first strong character decides (UAX #9, P2 and P3).
it.each([
  ["ברוכים הבאים | Gullhaven", true],
  ["2026: مرحبا", true],
  ["Gullhaven ברוכים", false],
  ["12.50 – …", false],
  ["", false],
])("%j runs from right to left: %s", (text, expected) => {
  expect(runsFromRight(text)).toBe(expected);
});

describe("the most that a text can take", () => {
  const families = ["arimo", "roboto"] as const;

  it("is more than any character takes, of those in the fonts and of all others", () => {
    for (const family of families)
      for (let point = 0; point < 0x30000; point += point < 0x3000 ? 1 : 7) {
        if (point >= 0xd800 && point < 0xe000) continue;
        const char = String.fromCodePoint(point);
        const style = { family, size: 17 };
        if (widthAtMost(char, style) < widthOf(char, style)) expect.fail(`U+${point.toString(16)} in ${family}`);
      }
  });

  it("is never less than the width", () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.string(), fc.string({ unit: "grapheme" }), fc.stringMatching(/^[A-Za-z .,'-]{0,80}$/)),
        fc.constantFrom(...families),
        fc.integer({ min: 1, max: 40 }),
        (text, family, size) => widthAtMost(text, { family, size }) >= widthOf(text, { family, size }),
      ),
      { numRuns: 2_000 },
    );
  });
});
