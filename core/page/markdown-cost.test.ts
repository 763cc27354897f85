import { describe, expect, it } from "vitest";
import { tooMuch } from "./markdown-cost.ts";

const LINE = "Open *every* day, see [the times](/times), or ask `ls` at <https://a.example/>.\n";
const repeat = (unit: string, size: number) => unit.repeat(Math.ceil(size / unit.length));

describe("Markdown that is read", () => {
  it.each<[string, string]>([
    ["anything small", repeat("[", 7_000)],
    ["a long text of paragraphs", repeat(`${LINE}\n`, 60_000)],
    ["a long list of links", repeat("- [the times](/times)\n", 30_000)],
    ["a long table", `|a|b|\n|-|-|\n${repeat("|c|d|\n", 12_000)}`],
    ["quotations in each other as people write them", `${"> ".repeat(40)}a\n`],
    ["brackets in pairs", repeat("[a] b\n\n", 30_000)],
  ])("is %s", (_, source) => {
    expect(tooMuch(source)).toBeNull();
  });
});

describe("Markdown that would take seconds", () => {
  it.each<[string, string, string]>([
    ["emphasis in one paragraph", repeat("*a ", 60_000), "marks of emphasis, links and code"],
    ["brackets that close nothing", repeat("]12:00", 40_000), "brackets that close nothing"],
    ["definitions", repeat("[a]: x\n", 40_000), "definitions and footnotes"],
    ["addresses", repeat("www.a. ", 400_000), "addresses"],
    ["table cells", repeat("|a", 200_000), "table cells"],
    ["underlines", repeat("=\n", 20_000), "underlined headings and rules"],
  ])("is told what it holds most of: %s", (_, source, what) => {
    expect(tooMuch(source)).toMatchObject({ what, times: expect.any(Number) });
  });

  it("counts brackets that close nothing, and none that close one", () => {
    // The same number of marks: in pairs they are read.
    expect(tooMuch(repeat("]12:00", 24_000))).toMatchObject({ what: "brackets that close nothing", times: 4_000 });
    expect(tooMuch(repeat("[12]0\n", 24_000))).toMatchObject({ what: "marks of emphasis, links and code" });
    expect(tooMuch(repeat("[12]0\n\n", 24_000))).toBeNull();
  });

  it.each(["> ", "- ", "1. ", "  - "])("is nested too deep: %s", (unit) => {
    expect(tooMuch(`${unit.repeat(120)}a`)).toEqual({ deep: true });
  });
});
