import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { applyToPage } from "../rewrite/apply.ts";
import { facetsOf } from "../site/facets/page-facets.ts";
import { HEADING_SHAPES } from "../site/index/heading-shapes.ts";
import { Site } from "../site/index/site.ts";
import { editsForShape, parseSelector } from "./heading-shapes.ts";

const read = (body: string) => readPage(`<title>x</title><body>${body}`, { address: "https://a.example/" });
const menu = '<nav><h3 class="b a">Menu</h3></nav>';
const one = read(
  `${menu}<main><h1>Lamp</h1><h4 class=tile>Oil</h4><p>x</p><p class=block-title>Wick</p><p>Trim it.</p></main>`,
);
const two = read(`${menu}<main><h1>Fog</h1><h4 class=tile>Air</h4><p>x</p><h2>Horn</h2></main>`);
const patternsOn = (...pages: (typeof one)[]) =>
  new Site(pages.map((page, i) => facetsOf(String(i), page))).index(HEADING_SHAPES).patterns();

const outline = (page: typeof one) => Array.from(page.headings, ({ level, text }) => `${level} ${text}`);

describe("patterns of headings", () => {
  it("are what goes wrong alike on two pages at least, by tag, classes and landmark", () => {
    expect(patternsOn(one, two)).toMatchObject([
      { name: "h3.a.b in navigation", faults: ["around"], pages: ["0", "1"], count: 2, examples: ["Menu"] },
      { name: "h4.tile in main", faults: ["jump"], pages: ["0", "1"], examples: ["Oil", "Air"] },
    ]);
    const styled = patternsOn(one, two, one).find(({ name }) => name.startsWith("p."));
    expect(styled).toMatchObject({ name: "p.block-title in main", faults: ["styled"], pages: ["0", "2"] });
  });

  it("become a level, a paragraph or a div on each page", () => {
    const shape = { tag: "h4", classes: ["tile"], landmark: "main" as const };
    const edits = editsForShape(two, shape, 2, true);
    expect(outline(applyToPage(two, edits).page)).toEqual(["3 Menu", "1 Fog", "2 Air", "2 Horn"]);
    const gone = applyToPage(two, editsForShape(two, { tag: "h3" }, "div", false)).page;
    expect(outline(gone)).toEqual(["1 Fog", "4 Air", "2 Horn"]);
    expect(gone.blocks[0]).toMatchObject({ tag: "div", text: "Menu" });
    const styled = applyToPage(one, editsForShape(one, { classes: ["block-title"] }, 3, false)).page;
    expect(outline(styled)).toContain("3 Wick");
  });

  it("found by a level that is left out leave the pages alone where it is right", () => {
    const right = read("<main><h1>a</h1><h2>b</h2><h3>c</h3><h4 class=tile>d</h4></main>");
    const shape = { tag: "h4", classes: ["tile"], landmark: "main" as const };
    expect(editsForShape(right, shape, 2, true, ["jump"])).toEqual([]);
    expect(editsForShape(two, shape, 2, true, ["jump"])).toHaveLength(1);
    expect(editsForShape(right, shape, 2, true)).toHaveLength(1);
  });

  it("an exact pattern takes no others", () => {
    expect(editsForShape(two, { tag: "h3", classes: ["a"], landmark: "navigation" }, 2, true)).toEqual([]);
    expect(editsForShape(two, { tag: "h3", classes: ["a"], landmark: "navigation" }, 2, false)).toHaveLength(1);
  });
});

describe("a selector", () => {
  it.each([
    ["h3", { tag: "h3" }],
    [".tile.big", { classes: ["big", "tile"] }],
    ["nav H3.menu", { tag: "h3", classes: ["menu"], landmark: "navigation" }],
    ["footer *", { landmark: "contentinfo" }],
    ["h3 > b", null],
    ["", null],
  ])("%s", (text, wanted) => {
    const read = parseSelector(text);
    if (wanted) expect(read).toEqual(wanted);
    else expect(read).toHaveProperty("reason");
  });
});
