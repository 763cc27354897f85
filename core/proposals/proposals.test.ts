import { describe, expect, it } from "vitest";
import { auditRule } from "../audit/auditor.ts";
import { FOR_NOTHING } from "../page/found-for.ts";
import { guessKind } from "../page/page-kind.ts";
import { readPage } from "../page/read.ts";
import { writtenNames } from "../phrase/written-names.ts";
import { applyToPage } from "../rewrite/apply.ts";
import type { Edit } from "../rewrite/edits.ts";
import { PAGE_RULES } from "../rules/catalogue.ts";
import { DEFAULT_HOUSE_STYLE } from "../settings/house-style.ts";
import { type Asked, propose, withLine } from "./all.ts";
import { narrowed, type ProposalPage, reworded } from "./proposal.ts";

const houseStyle = { ...DEFAULT_HOUSE_STYLE, brand: "Gullhaven" };
const today = "2026-11-23";

function on(source: string, edits: readonly Edit[] = [], over: Partial<ProposalPage> = {}): ProposalPage {
  const original = readPage(`<html lang=en>${source}`, { address: "https://a.example/visit/ship" });
  return {
    id: "a",
    original,
    page: applyToPage(original, edits).page,
    edits,
    settled: [],
    kind: guessKind(original),
    houseStyle,
    today,
    ...FOR_NOTHING,
    setAsides: [],
    names: writtenNames(["By the signal of the Fog, a lamp."], "en"),
    ...over,
  };
}
const lines = (page: ProposalPage, asked: Asked) => propose(page, asked).lines;
const titled = (title: string, asked: Asked) =>
  lines(on(`<title>${title}</title>`), asked).map(({ is }) => is)[0] ?? title;

const replace = (
  find: string,
  by: string,
  options: { regex?: boolean; matchCase?: boolean; keepCase?: boolean } = {},
): Asked => ({
  way: "replace",
  find,
  by,
  regex: false,
  matchCase: false,
  keepCase: false,
  fields: ["title"],
  ...options,
});

describe("a change that is none", () => {
  it("is not proposed: a heading that the redraft has at that level already", () => {
    const source = "<h1>Lamp</h1><h4>Oil</h4>";
    const asked: Asked = { way: "headingShapes", shape: { tag: "h4" }, target: 2, exact: false };
    const [line] = lines(on(source), asked);
    expect(line).toMatchObject({ was: "H4", is: "H2" });
    expect(propose(on(source, line?.edits), asked)).toEqual({ lines: [] });
  });

  it("is not said of a heading that becomes ordinary text", () => {
    const asked: Asked = { way: "headingShapes", shape: { tag: "h4" }, target: "paragraph", exact: false };
    expect(lines(on("<h1>Lamp</h1><h4>Oil</h4>"), asked)).toMatchObject([{ was: "Oil", is: "ordinary text" }]);
  });
});

it("a fix of structured data shows each value before and after", () => {
  const data =
    '<script type="application/ld+json">{"@context":"https://schema.org","@type":"Offer","price":"12,50","priceCurrency":"EUR"}</script>';
  expect(lines(on(data), { way: "fixes", rule: "data/price-format" })).toMatchObject([
    { values: [{ property: "price", was: "12,50", is: "12.50" }] },
  ]);
});

it("a text that was put together from the page's words is marked as suggested, and can be worded anew", () => {
  const page = on(
    "<title>x</title><h1>Boat hire</h1><main><p>Boats can be hired at the Old Quay from May to October, by the hour or by the day.</p></main>",
  );
  const [line] = lines(page, { way: "fixes", rule: "description/missing" });
  expect(line).toMatchObject({ called: "description", suggested: true });
  expect(line && reworded(line, "By hand")).toMatchObject({
    is: "By hand",
    edits: [{ op: "set-description", value: "By hand" }],
  });
  // What is mended by a rule alone is none.
  const spaces = lines(on('<meta name=description content="a “b&quot;">'), {
    way: "fixes",
    rule: "description/double-quotes",
  });
  expect(spaces.every(({ suggested }) => suggested === undefined)).toBe(true);
});

describe("find and replace", () => {
  it.each([
    [replace("2023", "2026"), "Prices 2023 and 2023", "Prices 2026 and 2026"],
    [replace("a.c", "x"), "abc a.c", "abc x"],
    [replace("$1", "$&amp;"), "cost $1", "cost $&amp;"],
    [replace("LAMP", "light"), "The lamp", "The light"],
    [replace("LAMP", "light", { matchCase: true }), "The lamp", "The lamp"],
    [replace("(\\w+) and (\\w+)", "$2 and $1", { regex: true }), "Fish and chips", "chips and Fish"],
    [replace("\\s*\\|.*$", "", { regex: true }), "Lamp | Gullhaven", "Lamp"],
    [replace("é", "e"), "café", "cafe"],
    [replace("bike", "cycle"), "CARGO BIKE rental", "CARGO cycle rental"],
    [replace("bike", "cycle", { keepCase: true }), "CARGO BIKE, Bike and bike", "CARGO CYCLE, Cycle and cycle"],
    [
      replace("(?<=the )(l)amp$", "$1ight, $&, $$, $9", { regex: true, keepCase: true }),
      "See the lamp",
      "See the light, lamp, $, $9",
    ],
    [replace("(?<what>lamp)", "<$<what>>", { regex: true }), "A lamp", "A <lamp>"],
  ])("%j", (asked, title, is) => {
    expect(titled(title, asked)).toBe(is);
  });
});

describe("a change of titles", () => {
  const cased = (style: "sentence" | "chicago"): Asked => ({ way: "letterCase", field: "title", style });
  it.each<[Asked, string, string]>([
    [{ way: "brand" }, "Lamp | Gullhaven | Gullhaven", "Lamp | Gullhaven"],
    [{ way: "brand" }, "Gullhaven lamp – Gullhaven", "lamp | Gullhaven"],
    [{ way: "brand" }, "Lamp | Gullhaven", "Lamp | Gullhaven"],
    [cased("sentence"), "The Lamp In The Fog | Gullhaven", "The lamp in the Fog | Gullhaven"],
    [cased("chicago"), "the lamp in the fog | Gullhaven", "The Lamp in the Fog | Gullhaven"],
  ])("%j", (asked, title, is) => {
    expect(titled(title, asked)).toBe(is);
  });

  it("follows a pattern, says why it cannot, and spares what was written by hand", () => {
    const asked: Asked = { way: "pattern", field: "title", pattern: "{page heading}{separator}{site name}" };
    expect(lines(on("<title>x</title><h1>Ship</h1>"), asked)).toMatchObject([
      { was: "x", is: "Ship | Gullhaven", edits: [{ op: "set-title", pattern: asked.pattern }], reason: null },
    ]);
    expect(lines(on("<title>x</title><p>y"), { ...asked, pattern: "{offers.price}" })[0]?.reason).toBeTruthy();
    const byHand = on("<title>x</title><h1>Ship</h1>", [{ op: "set-title", value: "Mine", was: "x" }]);
    expect(lines(byHand, { ...asked, spares: true })[0]?.reason).toContain("by hand");
  });
});

describe("other ways", () => {
  it("give pictures a text wherever they have a certain one", () => {
    const page = on('<p><img src="/i/l.png"><img src="/i/l.png" alt=x><img src=/i/m.png>');
    const alts = [{ picture: { at: "/i/l.png", alt: null, language: "en" }, value: "The lamp" }];
    expect(lines(page, { way: "alternativeTexts", alts })).toMatchObject([
      { called: "alternative text of l.png", was: "none", is: "The lamp", edits: [{ op: "set-alt" }] },
    ]);
    // A page of another language has a text of its own.
    const german = [{ picture: { at: "/i/l.png", alt: null, language: "de" }, value: "Die Lampe" }];
    expect(lines(page, { way: "alternativeTexts", alts: german })).toEqual([]);
  });

  it("show the outline where headings change", () => {
    const page = on("<body><nav><h3 class=menu>Menu</h3></nav><main><h1>Ship</h1></main>");
    const shape = { tag: "h3", classes: ["menu"] };
    const { outline } = propose(page, { way: "headingShapes", shape, target: "paragraph", exact: false });
    expect(outline?.was.map(({ level, text }) => `${level} ${text}`)).toEqual(["3 Menu", "1 Ship"]);
    expect(outline?.is.map(({ level, text }) => `${level} ${text}`)).toEqual(["1 Ship"]);
  });

  it("say why a change cannot be made", () => {
    const page = on("<title>never closed");
    expect(lines(page, { way: "pattern", field: "title", pattern: "x" })[0]?.reason).toContain("not closed");
  });
});

describe("the fix of a rule", () => {
  const source =
    "<title>A title that is a good deal too long for the place where it is to be shown, by the length of it</title><body><main><h1>Ship</h1><h4>Lamp</h4><h4>Fog</h4><p>The lamp was lit every evening by the keeper and his two daughters.</p><img src=/x.png alt='Picture of a ship'></main>";
  const fixes = (rule: string): Asked => ({ way: "fixes", rule });

  it("is proposed once for each finding that has one, and mends it", () => {
    const mended: string[] = [];
    for (const { id } of PAGE_RULES) {
      const page = on(source);
      const proposed = lines(page, fixes(id)).filter(({ reason }) => reason === null);
      if (proposed.length === 0) continue;
      const edits = proposed.reduce<readonly Edit[]>(withLine, page.edits);
      const after = applyToPage(page.original, edits);
      const count = (one: typeof page.page) =>
        auditRule(id, one, { phrase: null, houseStyle, today }, { original: page.original, edits }).length;
      if (count(after.page) < count(page.page)) mended.push(id);
    }
    expect(mended).toEqual(expect.arrayContaining(["title/too-wide", "description/missing", "heading/skipped-level"]));
  });

  it("is left out where its finding was set aside, and for a rule across pages is the one that is given", () => {
    const aside = [{ scope: "page" as const, rule: "description/missing", pageId: "a", key: null, reason: "so" }];
    expect(lines(on(source), fixes("description/missing"))).toHaveLength(1);
    expect(lines(on(source, [], { setAsides: aside }), fixes("description/missing"))).toEqual([]);
    const fix = { label: "Take the H1", edits: [{ op: "set-title" as const, value: "Ship", was: null }] };
    expect(lines(on(source), { way: "fixes", rule: "title/duplicate", byPage: { a: [fix], b: [] } })).toMatchObject([
      { called: "title", is: "Ship" },
    ]);
  });
});

describe("structured data", () => {
  const trail = (id: string): Asked => ({
    way: "structuredData",
    id: "x",
    how: "blocks",
    what: "trail",
    byPage: {
      [id]: [
        { name: "Museum", address: "https://a.example/" },
        { name: "Ship", address: null },
      ],
    },
  });

  it("states each page's own way, value by value, and says the same only once", () => {
    const [line] = lines(on("<title>Ship</title>"), trail("a"));
    expect(line).toMatchObject({
      reason: null,
      values: [{ property: "itemListElement", was: "", is: "Museum › Ship" }],
    });
    expect(lines(on("<title>Ship</title>"), trail("b"))).toEqual([]);
    const again = lines(on("<title>Ship</title>", line?.edits), trail("a"));
    expect(again).toMatchObject([{ edits: [], reason: "It states a trail of its own." }]);
  });

  it("takes with it what was written earlier, and is asked of some pages with what concerns them", () => {
    const organisation: Asked = {
      way: "structuredData",
      id: "x",
      how: "blocks",
      what: "organisation",
      organisation: { type: "Museum", name: "Gullhaven" },
    };
    const [first] = lines(on("<title>Ship</title>"), organisation);
    expect(lines(on("<title>Ship</title>", first?.edits), organisation)).toEqual([]);
    expect(narrowed(organisation, ["a"])).toBe(organisation);
    expect(narrowed(trail("a"), ["b"])).toMatchObject({ byPage: {} });
    expect(narrowed(trail("a"), ["a", "b"])).toEqual(trail("a"));
  });
});
