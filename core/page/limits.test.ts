import { describe, expect, it } from "vitest";
import { audit } from "../audit/auditor.ts";
import { DEFAULT_HOUSE_STYLE } from "../settings/house-style.ts";
import { readFrontMatter } from "./front-matter.ts";
import { tooMuch } from "./markdown-cost.ts";
import { MOST_GIVEN } from "./name.ts";
import { originalFromText, type Unread } from "./original.ts";
import { markdownFromBytes } from "./original-from-bytes.ts";
import { positionOf } from "./page.ts";
import { maxNodes } from "./parse.ts";
import { readPage } from "./read.ts";

const options = { address: "https://quay.example/a" };
const html = (source: string) => readPage(source, options);
const markdown = (source: string) => readPage(markdownFromBytes(new TextEncoder().encode(source)), options);
/** All that is found on a page. */
const found = (page: ReturnType<typeof html>) =>
  audit(page, { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-27" }).map(({ rule, message }) => ({
    rule,
    message,
  }));

describe("what is too much is a page with one finding that says so", () => {
  it.each([
    ["quotes in each other", "> ".repeat(200), "nested-too-deep", "more than 100 deep"],
    ["lists in each other", `${"- ".repeat(120)}x`, "nested-too-deep", "more than 100 deep"],
    ["marks without number", "*_".repeat(60_000), "too-tangled", "120000 marks of emphasis, links and code"],
    ["list items without number", "- a\n".repeat(9_000), "too-tangled", "9000 list items"],
    ["table cells without number", "|a|b|\n|-|-|\n".repeat(4_000), "too-tangled", "table cells"],
    ["definitions without number", "[a]: x\n".repeat(4_000), "too-tangled", "definitions and footnotes"],
  ])("%s", (_, source, fault, says) => {
    const page = markdown(`# Lamp\n\n${source}\n`);
    expect(page.fault).toBe(fault);
    expect(found(page)).toEqual([{ rule: "page/unreadable", message: expect.stringContaining(says) }]);
  });

  it.each([
    ["a long text", "The lamp is lit at dusk, and *trimmed* [daily](/wick).\n\n".repeat(1_500)],
    ["a long list of changes", "- The lamp is trimmed (#12)\n".repeat(1_500)],
    ["a table of a thousand rows", `|day|light|\n|-|-|\n${"|Monday|17:04|\n".repeat(1_000)}`],
    ["code in a list in a quote in a list", "- a\n  > - b\n  >   ```\n  >   c\n  >   ```\n".repeat(50)],
    ["a sample with many marks in one paragraph", `\`${"*".repeat(300)}\` and ${"_x_ ".repeat(200)}`],
  ])("but %s is read", (_, source) => {
    expect(tooMuch(`# Lamp\n\n${source}`)).toBeNull();
  });

  it.each([
    ["too-slow", "took so long"],
    ["failed", "a fault of Keen Quill’s"],
  ] as const)("a page that was given up as %s, whose source stays", (unread: Unread, says) => {
    const source = "<title>Lamp</title><h1>Lamp</h1>";
    const page = readPage({ ...originalFromText(source), unread }, options);
    expect([page.fault, page.source, page.titles]).toEqual([unread, source, []]);
    expect(found(page)).toEqual([{ rule: "page/unreadable", message: expect.stringContaining(says) }]);
  });
});

describe("front matter", () => {
  it.each([
    ["a name that stands there twice", "title: A\nlang: en\ntitle: B\n", "line 4: the name title stands there twice"],
    ["one in a map in a list", "a:\n  - b: 1\n    b: 2\n", "line 4: the name b stands there twice"],
    ["brackets in each other", `a: ${"[".repeat(200)}${"]".repeat(200)}\n`, "nested too deep"],
    ["dashes in each other", `a:\n${"- ".repeat(200)}b\n`, "nested too deep"],
    [
      "indents in each other",
      `${Array.from({ length: 300 }, (_, i) => `${" ".repeat(i)}a:`).join("\n")}\n`,
      "nested too deep",
    ],
    ["more than names and values", `a: ${"x".repeat(100_001)}\n`, "longer than 100000 characters"],
  ])("with %s is not read, and it is said", (_, yaml, says) => {
    expect(readFrontMatter(`---\n${yaml}---\n# A\n`)?.fault).toContain(says);
  });

  it.each([
    "title: A\nnested:\n  title: B\n",
    "a:\n  - b: 1\n  - b: 2\n",
    `tags: [${Array.from({ length: 500 }, (_, i) => `t${i}`).join(", ")}]\n`,
    'text: "[[[[{{{{ - - - -"\n',
    "a: &x 1\nb: *x\n",
  ])("%j is read", (yaml) => {
    expect(readFrontMatter(`---\n${yaml}---\n# A\n`)?.fault).toBeNull();
  });
});

describe("names that are given by others", () => {
  const long = "lamp ".repeat(2_000).trim();

  it("are cut, where one text may name thousands", () => {
    const page = html(
      `<p id=l>${long}</p><a href=x aria-labelledby=l>y</a><label for=f>${long}</label><input id=f><label>${long}<input></label>`,
    );
    for (const name of [page.links[0]?.text, ...page.fields.map((field) => field.name)]) {
      expect(long.startsWith(name ?? "-")).toBe(true);
      expect(MOST_GIVEN - (name?.length ?? 0)).toBeOneOf([0, 1]);
    }
  });

  it("and an element's own words are not", () => {
    const page = html(`<a href=x>${long}</a><h2>${long}</h2>`);
    expect([page.links[0]?.text, page.headings[0]?.text]).toEqual([long, long]);
  });
});

describe("names that the page's own styles hide", () => {
  const shown = (css: string, element = "<a href=x class=a>y</a>") =>
    html(`<style>${css}</style>${element}`).links[0]?.silent === false;

  it.each([
    ".a{display:none}",
    ".b{color:red}.a { color: red; display : none }",
    "/* .a{display:block} */ .a{display:none}",
    ".a{display:none}/* never closed .a{display:block}",
    "@charset 'x';.a{display:none}",
    "@media print{.a{color:red}}.a{visibility:hidden}",
  ])("%s hides", (css) => {
    expect(shown(css)).toBe(false);
  });
  it.each([
    "@media print{.a{display:none}}",
    "@media print{@supports (x){.a{display:none}}}",
    ".a{display:none}.x .a{display:block}",
    ".a:hover{display:none}",
    "/* .a{display:none} */",
    ".a{content:'display:none'",
    ".a display:none",
    "}}.b{display:none}",
  ])("%s does not", (css) => {
    expect(shown(css)).toBe(true);
  });
});

it("counts lines in any order and any source", () => {
  const [one, other] = ["a\r\nb\rc\nd", "x\n\ny"];
  const all = (source: string) => [...source, ""].map((_, i) => positionOf(source, i));
  expect(all(one)).toEqual([
    { line: 1, column: 1 },
    { line: 1, column: 2 },
    { line: 1, column: 3 },
    { line: 2, column: 1 },
    { line: 2, column: 2 },
    { line: 3, column: 1 },
    { line: 3, column: 2 },
    { line: 4, column: 1 },
    { line: 4, column: 2 },
  ]);
  expect(positionOf(other, 3)).toEqual({ line: 3, column: 1 });
  expect(positionOf(one, 99)).toEqual({ line: 4, column: 2 });
  expect(positionOf("", 0)).toEqual({ line: 1, column: 1 });
});

it("nodes are capped by the source's length, and by what a machine takes", () => {
  expect([maxNodes(0), maxNodes(50_000), maxNodes(5_000_000)]).toEqual([1_000, 51_000, 400_000]);
});

it("attributes of further html and body tags are taken once each", () => {
  const page = html("<html lang=en><body dir=ltr><html lang=cy data-a=1><html data-a=2 dir=rtl><p>x");
  expect(page.language?.value).toBe("en");
  expect(page.blocks[0]?.direction).toBe("ltr");
});
