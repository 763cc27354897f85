import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readPage } from "../../page/read.ts";
import { facetsOf, type PageFacets, type PageFacts } from "../facets/page-facets.ts";
import { PHRASE_PLACES } from "./phrase-places.ts";
import { PICTURE_FILES } from "./picture-files.ts";
import { SAME_DESCRIPTIONS, SAME_TITLES } from "./same-texts.ts";
import { type Index, Site } from "./site.ts";

const page = (id: string, source: string, known: PageFacts = {}) =>
  facetsOf(id, readPage(`<html lang=en>${source}`, { address: `https://quay.example/${id}` }), known);

/** An index that notes what it is told. */
function noting(sees: Index["sees"]) {
  const told: string[] = [];
  const name = (one: PageFacets | null) => one?.title ?? "-";
  const index: Index = { sees, change: (was, is) => void told.push(`${name(was)} > ${name(is)}`) };
  return { make: () => index, told };
}

describe("indexes over the pages of a site", () => {
  it("are made once, of all pages, when they are first asked for", () => {
    const site = new Site([page("a", "<title>A</title>"), page("b", "<title>B</title>")]);
    const { make, told } = noting(["title"]);
    expect(site.index(make)).toBe(site.index(make));
    expect(told).toEqual(["- > A", "- > B"]);
  });

  it("are told of what they see alone, and of every page that comes or goes", () => {
    const site = new Site();
    const { make, told } = noting(["title"]);
    site.index(make);
    site.put(page("a", "<title>A</title><p>one"));
    site.put(page("a", "<title>A</title><p>another text of the same title"));
    site.put(page("a", "<title>New</title>", { phrase: "lamp" }));
    site.put(page("a", "<title>New</title>", { phrase: "boat" }));
    site.remove("a");
    site.remove("a");
    expect(told).toEqual(["- > A", "A > New", "New > -"]);
  });

  it("rules are run again by how often what they see has changed", () => {
    const site = new Site([page("a", "<title>A</title>")]);
    const [titles, links] = [site.revision(["title"]), site.revision(["links"])];
    site.put(page("a", "<title>B</title>"));
    expect([site.revision(["title"]) > titles, site.revision(["links"]) === links]).toEqual([true, true]);
    site.put(page("a", "<title>B</title>", { redirectedFrom: ["https://quay.example/x"] }));
    const before = site.revision(["redirectedFrom"]);
    // Another list with the same in it is no change.
    site.put(page("a", "<title>B</title>", { redirectedFrom: ["https://quay.example/x"] }));
    expect(site.revision(["redirectedFrom"])).toBe(before);
  });
});

describe("equal texts", () => {
  const groups = (site: Site) => Array.from(site.index(SAME_TITLES).groups(), (one) => [...one].sort().join());

  it("are those of two pages or more, case and spaces apart, as long as there are two", () => {
    const site = new Site([
      page("a", "<title>The Lamp</title>"),
      page("b", "<title> the lamp</title>"),
      page("c", "<title></title>"),
      page("d", ""),
    ]);
    expect(groups(site)).toEqual(["a,b"]);
    site.put(page("e", "<title>THE LAMP</title>"));
    site.remove("a");
    expect(groups(site)).toEqual(["b,e"]);
    site.put(page("e", "<title>Another</title>"));
    expect([groups(site), site.index(SAME_TITLES).count("the lamp")]).toEqual([[], 1]);
    expect(site.index(SAME_DESCRIPTIONS).count("")).toBe(0);
  });
});

describe("phrases that pages say", () => {
  const said = (site: Site) =>
    Array.from(site.index(PHRASE_PLACES).all().values(), ({ text, targets, on }) => {
      const early = [...on].flatMap(([id, { early }]) => (early && !targets.has(id) ? [`${id} ${early}`] : []));
      return `${text}: ${early.sort().join()}`;
    }).sort();

  it("are found in the words in which they stand, whichever page came first", () => {
    const lamp = page("lamp", "<p>About it.", { phrase: "lamp room" });
    const gale = page("gale", "<p>From the lamp rooms one saw the gale.");
    for (const pages of [
      [lamp, gale],
      [gale, lamp],
    ])
      expect(said(new Site(pages))).toEqual(["lamp room: gale lamp rooms"]);
  });

  it("follow a new phrase, a new text, and pages that go", () => {
    const site = new Site([page("a", "<p>A tarred rope.", { phrase: "winch" }), page("b", "<p>Of rope and winches.")]);
    expect(said(site)).toEqual(["winch: b winches"]);
    site.put(page("a", "<p>A tarred rope.", { phrase: "rope" }));
    expect(said(site)).toEqual(["rope: b rope"]);
    site.put(page("b", "<p>Of nothing."));
    expect(said(site)).toEqual(["rope: "]);
    site.put(page("b", "<p>A rope again."));
    site.remove("b");
    expect(said(site)).toEqual(["rope: "]);
    site.remove("a");
    expect(said(site)).toEqual([]);
  });

  it("stay what they are while their page changes otherwise", () => {
    const site = new Site([page("a", "<p>A rope.", { phrase: "winch", supporting: ["rope"] })]);
    const before = [...site.index(PHRASE_PLACES).all().values()];
    site.put(page("a", "<p>Another rope.", { phrase: "winch", supporting: ["rope"] }));
    const after = [...site.index(PHRASE_PLACES).all().values()];
    expect(after.map((one, i) => one === before[i])).toEqual([true, true]);
  });

  it("are one where they are written with other capitals or spaces, and stand in the list as it says", () => {
    const site = new Site([
      page("a", "<p>A rope.", { phrase: "Rope" }),
      page("b", "<p>The rope.", { phrase: "rope " }),
    ]);
    site.setPhrases(["rope", "  ROPE", "?"]);
    expect(Array.from(site.index(PHRASE_PLACES).all().values(), ({ targets }) => [...targets])).toEqual([["a", "b"]]);
    site.remove("a");
    site.remove("b");
    expect(said(site)).toEqual(["rope: "]);
    site.setPhrases([]);
    expect(said(site)).toEqual([]);
  });

  // Whatever comes and goes, what is known is what a site would know that is made anew.
  it("are known as if the site were made anew, whatever has changed", () => {
    const words = ["lamp", "lamps", "rope", "fog", "fog signal", "the"];
    const text = fc.array(fc.constantFrom(...words), { maxLength: 6 }).map((all) => all.join(" "));
    const change = fc.record({
      id: fc.constantFrom("a", "b", "c"),
      source: fc.tuple(text, text, text).map(([a, b, c]) => `<title>${a}</title><h1>${b}</h1><p>${c}`),
      phrase: fc.constantFrom("", ...words),
      supporting: fc.subarray(words),
      list: fc.option(fc.subarray(words)),
      gone: fc.boolean(),
    });
    const known = (site: Site) =>
      Array.from(
        site.index(PHRASE_PLACES).all().values(),
        ({ key, listed, targets, supporting, on }) =>
          [
            key,
            listed,
            [...targets].sort(),
            [...supporting].sort(),
            [...on].sort(([a], [b]) => (a < b ? -1 : 1)),
          ] as const,
      ).sort(([a], [b]) => (a < b ? -1 : 1));
    fc.assert(
      fc.property(fc.array(change, { maxLength: 8 }), (changes) => {
        const site = new Site();
        for (const { id, source, phrase, supporting, list, gone } of changes) {
          if (gone) site.remove(id);
          else site.put(page(id, source, { phrase, supporting }));
          if (list) site.setPhrases(list);
          const anew = new Site(site.pages.values());
          anew.setPhrases(site.phrases);
          expect(known(site)).toEqual(known(anew));
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe("picture files", () => {
  it("are listed by text, those without first, each page once", () => {
    const site = new Site([
      page("a", "<img src=/l.png alt=Lamp><img src=/l.png alt=Lamp><img src=/m.png>"),
      page("b", "<img src=/l.png?v=2 alt=Lamp><img src=/l.png alt>"),
    ]);
    const files = site.index(PICTURE_FILES);
    expect(files.list()).toEqual([
      { at: "/m.png", alt: null, language: "en", pages: ["a"] },
      { at: "/l.png", alt: "Lamp", language: "en", pages: ["a", "b"] },
      { at: "/l.png", alt: "", language: "en", pages: ["b"] },
    ]);
    expect([...files.showing("/l.png")]).toEqual(["a", "b"]);
    const german = facetsOf(
      "d",
      readPage("<html lang=de-AT><img src=/l.png alt=Lamp>", { address: "https://quay.example/d" }),
    );
    expect(new Site([page("a", "<img src=/l.png alt=Lamp>"), german]).index(PICTURE_FILES).list()).toEqual([
      { at: "/l.png", alt: "Lamp", language: "en", pages: ["a"] },
      { at: "/l.png", alt: "Lamp", language: "de", pages: ["d"] },
    ]);
    // One file with several texts, each on as many pages: in the order of the site, whatever came to be looked at first.
    const same = new Site(["c", "a", "b"].map((id) => page(id, `<img src=/l.png alt=${id}>`)));
    expect(
      same
        .index(PICTURE_FILES)
        .list()
        .map(({ alt }) => alt),
    ).toEqual(["c", "a", "b"]);
    site.put(page("a", "<p>No picture any more."));
    expect([[...files.showing("/l.png")], [...files.showing("/m.png")]]).toEqual([["b"], []]);
  });
});
