import { readdirSync, readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { originalFromBytes } from "../../page/original-from-bytes.ts";
import type { Page } from "../../page/page.ts";
import { readPage } from "../../page/read.ts";
import type { Facet, Packed } from "./facet.ts";
import { FACET_NAMES, type FacetName } from "./facet-names.ts";
import { FACET_STAMP, FACETS, facetOf, facetsOf, staleFacets, takeFacets } from "./page-facets.ts";
import { pageOfFacets } from "./page-of-facets.ts";

const address = "https://quay.example/visit/lamp?a=1";
const read = (source: string) => readPage(source, { address });
const facetNamed = (name: FacetName) => FACETS[name] as unknown as Facet<unknown, Packed>;

const folder = new URL("../../../demo/gullhaven/", import.meta.url);
const demo = readdirSync(folder, { recursive: true, encoding: "utf8" })
  .filter((file) => file.endsWith(".html"))
  .map((file) => readPage(originalFromBytes(readFileSync(new URL(encodeURI(file), folder))), { address }));

/** Texts as they may stand in a source: with the signs by which facets are packed, letters of two code units, and entities. */
const text = fc
  .array(
    fc.constantFrom("lamp", " ", "\t", "\n", "\r", "=", "-", "|", "😀", "é", "&#9;", "&#10;", "&#8232;", "0", ".", "#"),
    {
      maxLength: 12,
    },
  )
  .map((parts) => parts.join(""));
const href = fc.oneof(
  text,
  fc.constantFrom("/a#b", "b/../c", "https://quay.example/x#y", "//other.example/z", "?q=1#k", "#top"),
);
const source = fc
  .record({
    title: text,
    description: text,
    id: text,
    name: text,
    headings: fc.array(fc.tuple(fc.integer({ min: 1, max: 6 }), text, text), { maxLength: 5 }),
    links: fc.array(fc.tuple(href, text, fc.constantFrom("nav", "main", "footer", "div")), { maxLength: 5 }),
    pictures: fc.array(fc.tuple(href, fc.option(text), text), { maxLength: 4 }),
    hreflang: fc.constantFrom("cy", "x-default", "zz", ""),
  })
  .map(({ title, description, id, name, headings, links, pictures, hreflang }) =>
    [
      `<!doctype html><html lang=en><head><title>${title}</title><meta name=description content="${description}">`,
      `<link rel=alternate hreflang="${hreflang}" href="/cy"></head><body><p id="${id}"><a name="${name}">x</a></p>`,
      ...Array.from(headings, ([level, words, classes]) => `<h${level} class="${classes}">${words}</h${level}>`),
      ...links.map(([to, words, around]) => `<${around}><a href="${to}">${words}</a></${around}>`),
      ...pictures.map(
        ([src, alt, width]) => `<img src="${src}" width="${width}"${alt === null ? "" : ` alt="${alt}"`}>`,
      ),
    ].join(""),
  );

describe("what is kept of a page for the others", () => {
  it.each(FACET_NAMES.map((name) => [name]))("%s is the same packed, unpacked and packed again", (name) => {
    const { take, pack, unpack } = facetNamed(name);
    const held = (page: Page) => {
      const taken = take(page);
      const packed = pack(taken);
      const back = unpack(packed);
      expect(pack(back)).toEqual(packed);
      if (Array.isArray(taken)) expect(back).toHaveLength(taken.length);
    };
    for (const page of demo) held(page);
    fc.assert(
      fc.property(source, (one) => held(read(one))),
      { numRuns: 60 },
    );
  });

  it.each(FACET_NAMES.map((name) => [name]))("%s is taken from what it says, and from nothing else", (name) => {
    const { take, sees } = facetNamed(name);
    const seen = new Set<PropertyKey>();
    for (const page of demo) {
      const watched = new Proxy(page, {
        get(target, part) {
          seen.add(part);
          return Reflect.get(target, part);
        },
      });
      take(watched);
    }
    const said: readonly PropertyKey[] = sees;
    // Never another object while a page is redrafted.
    const always = new Set<PropertyKey>(["format", "source"]);
    expect([...seen].filter((part) => !said.includes(part) && !always.has(part))).toEqual([]);
  });

  it("stays small whatever a page holds", () => {
    const many = (make: (i: number) => string) => Array.from({ length: 3000 }, (_, i) => make(i)).join("");
    const long = "long words ".repeat(400);
    const page = read(
      `<title>${long}</title><meta name=description content="${long}"><meta name=keywords content="${long}">${many(
        (i) =>
          `<h3 id=h${i} class="c${i}">${long.slice(0, 300)}</h3><p><a href="/p${i}#f${i}">${long.slice(0, 200)}</a><img src="/i${i}.png" alt="${long.slice(0, 300)}">`,
      )}`,
    );
    const packed = takeFacets(page);
    const size = (name: FacetName) => String(packed[name]).length;
    expect(Object.fromEntries(FACET_NAMES.map((name) => [name, size(name) < 60_000]))).toEqual(
      Object.fromEntries(FACET_NAMES.map((name) => [name, true])),
    );
    expect(FACET_NAMES.reduce((sum, name) => sum + size(name), 0)).toBeLessThan(120_000);
  });

  it("keeps a text with a tab or a line break in it on one line, and an empty one beside others", () => {
    const page = read(
      "<h1>The&#9;lamp</h1><h2></h2><h2>And&#10;more</h2><img src=/a.png alt='one&#9;two'><img src=/b.png alt>",
    );
    const facets = facetsOf("a", page);
    expect(Array.from(facetOf(facets, "headings"), ([level]) => level)).toEqual([1, 2, 2]);
    expect(facetOf(facets, "pictures")).toMatchObject([
      { at: "/a.png", alt: "one two" },
      { at: "/b.png", alt: "" },
    ]);
  });

  it.each([
    ["<p id=a>", { ids: ["a"], all: true }],
    ["<p>", { ids: [], all: true }],
    [`<p id=a><p id="${"long".repeat(20)}">`, { ids: ["a"], all: false }],
    [`<p id="${"long".repeat(20)}">`, { ids: [], all: false }],
  ])("knows which ids there are, and whether these are all: %s", (html, is) => {
    expect(facetOf(facetsOf("a", read(html)), "ids")).toEqual(is);
  });

  it("keeps each target once, where a visitor meets it first", () => {
    const page = read(
      "<footer><a href=/lamp>In the foot</a></footer><nav><a href=/lamp>In the menu</a><a href=/hull>Hull</a></nav><main><a href='/lamp#light'>In the content</a></main><a href='https://other.example/'>Away</a>",
    );
    expect(facetOf(facetsOf("a", page), "links")).toEqual([
      { to: "/lamp", text: "In the content", zone: "content" },
      { to: "/hull", text: "Hull", zone: "menu" },
    ]);
  });
});

describe("facets that are taken otherwise now", () => {
  it("are those whose version has moved on, or that are not named", () => {
    expect(staleFacets(FACET_STAMP)).toEqual([]);
    expect(staleFacets("")).toEqual(FACET_NAMES);
    expect(staleFacets(FACET_STAMP.replace(/links\d+/, "links0"))).toEqual(["links"]);
    expect(staleFacets(FACET_STAMP.replace(/ words\d+/, ""))).toEqual(["words"]);
  });

  it("are taken alone", () => {
    expect(Object.keys(takeFacets(read("<title>Lamp</title>"), ["title", "words"]))).toEqual(["title", "words"]);
  });

  it("are of the page that they are asked of, also where another was asked of in between", () => {
    const [lamp, hull] = [read("<title>Lamp</title><p>a b c"), read("<title>Hull</title><p>a b")];
    const taken = [lamp, hull, lamp, lamp].map((page) => takeFacets(page, ["title", "words"]));
    expect(taken.map(({ title }) => title)).toEqual(["Lamp", "Hull", "Lamp", "Lamp"]);
    expect(taken.map(({ words }) => words)).toEqual([3, 2, 3, 3]);
  });
});

it("a page of facets has what rules see that need no source", () => {
  const page = read(
    "<html lang=cy><title>Lamp</title><meta name=description content='A lamp.'><h1>Lamp</h1><h3>Wick</h3>",
  );
  const told = pageOfFacets(facetsOf("a", page));
  expect(told.titles.map(({ text }) => text)).toEqual(["Lamp"]);
  expect(Array.from(told.headings, ({ level, text }) => [level, text])).toEqual([
    [1, "Lamp"],
    [3, "Wick"],
  ]);
  expect([told.language?.value, told.address]).toEqual(["cy", address]);
});
