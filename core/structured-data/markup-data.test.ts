import { describe, expect, it } from "vitest";
import { auditRule } from "../audit/auditor.ts";
import { readPage } from "../page/read.ts";
import { DEFAULT_HOUSE_STYLE } from "../settings/house-style.ts";
import { type Entity, textOfValue } from "./graph.ts";
import { DEEPEST_ITEM, readMarkupData } from "./markup-data.ts";

const BASE = "https://quay.example/";
const read = (html: string) => readMarkupData(`<!doctype html><body>${html}`, BASE);

/** An entity as names with texts, and entities within it. */
const plain = ({ properties }: Entity): Record<string, unknown> =>
  Object.fromEntries(
    properties.map(({ name, values }) => [
      name,
      values.map((value) => (value.kind === "entity" ? plain(value.entity) : textOfValue(value))),
    ]),
  );
const outermost = (html: string) =>
  read(html)
    .entities.filter(({ within }) => within === null)
    .map(plain);

describe("itemref", () => {
  // HTML Living Standard 5.1.2, the example of the band.
  it("lets an item have properties that stand elsewhere", () => {
    expect(
      outermost(`<div itemscope id="amanda" itemref="a b"></div>
<p id="a">Name: <span itemprop="name">Amanda</span></p>
<div id="b" itemprop="band" itemscope itemref="c"></div>
<div id="c"><p>Band: <span itemprop="name">Jazz Band</span></p><p>Size: <span itemprop="size">12</span> players</p></div>`),
    ).toContainEqual({ name: ["Amanda"], band: [{ name: ["Jazz Band"], size: ["12"] }] });
  });

  it("lets several items have the same one", () => {
    const product = (name: string) => `<div itemscope itemref="maker"><b itemprop="name">${name}</b></div>`;
    const [lamp, wick] = outermost(
      `${product("Lamp")}${product("Wick")}<p id=maker itemprop=brand itemscope><i itemprop=name>Quay</i></p>`,
    );
    expect(lamp).toEqual({ brand: [{ name: ["Quay"] }], name: ["Lamp"] });
    expect(wick).toEqual({ brand: [{ name: ["Quay"] }], name: ["Wick"] });
  });

  // HTML Living Standard 5.2.5, "the properties of an item": what is in memory already is not taken again.
  it("takes no element twice, however often it is named or stood in", () => {
    expect(
      outermost('<div itemscope itemref="a a b"><p id=a itemprop=name>Lamp</p></div><p id=b itemprop=name>Wick</p>'),
    ).toEqual([{ name: ["Lamp", "Wick"] }]);
  });

  it.each([
    ["to itself", '<div itemscope itemprop=p id=a itemref="a"><i itemprop=name>x</i></div>'],
    ["to what is around it", '<section id=s><div itemscope itemref="s"><i itemprop=name>x</i></div></section>'],
  ])("that leads %s does not, and nothing is lost", (_, html) => {
    expect(outermost(html)).toEqual([{ name: ["x"] }]);
  });

  it("in a circle, or on and on, is followed so far and said", () => {
    const circle = read(
      '<div itemscope id=a itemref=b></div><div itemscope itemprop=p id=b itemref="c"></div><div itemscope itemprop=q id=c itemref="b"></div>',
    );
    expect(circle.tangled.length).toBeGreaterThan(0);
    const chain = Array.from(
      { length: 200 },
      (_, i) => `<div itemscope itemprop=p id=i${i} itemref="i${i + 1}"></div>`,
    ).join("");
    const { entities, tangled } = read(chain);
    expect(tangled.length).toBeGreaterThan(0);
    const depth = ({ within }: Entity): number => (within ? 1 + depth(within) : 0);
    expect(Math.max(...entities.map(depth))).toBeLessThan(DEEPEST_ITEM);
  });

  it("two ways at every step does not take twice the time at every step", () => {
    const twice = Array.from(
      { length: 40 },
      (_, i) =>
        `<div itemscope itemprop=p id=a${i} itemref="a${i + 1} b${i + 1}"></div><div itemscope itemprop=p id=b${i} itemref="a${i + 1} b${i + 1}"></div>`,
    ).join("");
    const { entities, tangled } = read(twice);
    expect(entities.length).toBeLessThan(20_000);
    expect(tangled.length).toBeGreaterThan(0);
  });

  it("that is tangled is told of by a rule, at the item", () => {
    const source =
      "<!doctype html><title>x</title><body><div itemscope id=a itemref=b></div><div itemscope itemprop=p id=b itemref=a></div>";
    const context = { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-27" };
    const [finding] = auditRule("data/syntax", readPage(source, { address: BASE }), context);
    expect(finding?.message).toContain("Its itemref leads back to itself");
    expect(source.slice(finding?.at.range?.start, finding?.at.range?.end)).toMatch(/^<div itemscope/);
  });
});

describe("values", () => {
  // HTML Living Standard 5.2.4.
  it.each([
    ["<meta itemprop=a content=x>", "x"],
    ["<a itemprop=a href=/b>text</a>", "https://quay.example/b"],
    ["<img itemprop=a src=b.png alt=x>", "https://quay.example/b.png"],
    ["<object itemprop=a data=b></object>", "https://quay.example/b"],
    ["<data itemprop=a value=5>five</data>", "5"],
    ["<meter itemprop=a value=0.5>half</meter>", "0.5"],
    ["<time itemprop=a datetime=2026-11-27>today</time>", "2026-11-27"],
    ["<time itemprop=a> 2026-11-27 </time>", "2026-11-27"],
    ["<p itemprop=a> two <b>words</b></p>", "two words"],
  ])("%s", (html, expected) => {
    expect(outermost(`<div itemscope>${html}</div>`)).toEqual([{ a: [expected] }]);
  });
});
