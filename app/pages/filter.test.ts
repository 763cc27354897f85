import { describe, expect, it } from "vitest";
import type { FindingOn } from "#core/findings/finding";
import { upgradePage } from "../store/migrations";
import type { PageRecord } from "../store/page-record";
import type { SiteFindings } from "../store/told-findings";
import { applyFilter, filterOf, foldersOf, NO_FILTER, queryOf } from "./filter";
import { SHOWS, type ShowName } from "./filters/all";
import { pastedLines } from "./pasted";

const page = (over: Partial<PageRecord>): PageRecord =>
  upgradePage({
    id: "p",
    siteId: "s",
    address: "https://a.example/visit/x",
    name: "X",
    title: "T",
    description: "D",
    phrase: "p",
    counts: { must: 0, should: 0, may: 0 },
    found: "",
    edits: 0,
    ready: false,
    ...over,
  }) as unknown as PageRecord;
const on: FindingOn = {
  page: "p",
  address: "",
  at: { part: "title" },
  weight: "should",
  key: "title/duplicate @ title",
};
const doubled = { on, group: { rule: "title/duplicate", weight: "should" as const, message: "", on: [on] } };
const findings: SiteFindings = {
  all: [],
  ofPage: new Map([["p", [doubled]]]),
  everyOfPage: new Map(),
};
const left = (over: Partial<PageRecord>, filter: Partial<typeof NO_FILTER>) =>
  applyFilter([page(over)], { ...NO_FILTER, ...filter }, findings).length;

describe("filters", () => {
  const cases: [ShowName, Partial<PageRecord>, Partial<PageRecord>][] = [
    ["no-title", { title: "" }, {}],
    ["no-description", { description: "" }, {}],
    ["title-cut", { titleCut: true }, {}],
    ["title-short", { found: "\ntitle/too-narrow 0 0 1" }, {}],
    ["leftover", { title: "{{title}}" }, {}],
    ["no-phrase", { phrase: "" }, {}],
    ["untouched", {}, { edits: 1 }],
    ["redrafted", { edits: 1 }, {}],
    ["patterned", { patterned: ["title"] }, {}],
    ["conflicts", { conflicts: 1 }, {}],
    ["gone", { goneSince: "2026-11-27T10:00:00Z" }, { goneSince: null }],
    ["again", { again: true }, { again: false }],
    ["ready", { ready: true }, {}],
    ["title-doubled", {}, { id: "other" }],
  ];
  it.each(cases)("%s", (show, yes, no) => {
    expect([left(yes, { show }), left(no, { show })]).toEqual([1, 0]);
  });

  it("narrow down together", () => {
    expect(
      left(
        { kind: "visit", found: "\nslug/dates 1 0 0", counts: { must: 1, should: 0, may: 0 } },
        { kind: "visit", below: "/visit/", rule: "slug/dates", weight: "must", find: "x" },
      ),
    ).toBe(1);
    expect(left({}, { below: "/shop/" })).toBe(0);
    expect(left({}, { weight: "must" })).toBe(0);
    expect(left({}, { find: "nowhere" })).toBe(0);
    expect(left({}, { rule: "title/duplicate" })).toBe(1);
  });

  it("stand in an address and come back from it; nonsense is no filter", () => {
    const filter = { ...NO_FILTER, show: "ready" as const, below: "/a b/", find: "ü" };
    expect(filterOf(new URLSearchParams(queryOf(filter)))).toEqual(filter);
    expect(queryOf(NO_FILTER)).toBe("");
    expect(filterOf(new URLSearchParams("show=x&kind=y&weight=z"))).toEqual(NO_FILTER);
    expect(Object.keys(SHOWS)).toContain("again");
  });
});

describe("what a spreadsheet copies", () => {
  it.each([
    [
      "a\tb\nc\td",
      [
        ["a", "b"],
        ["c", "d"],
      ],
    ],
    ["a\r\nb\r\n", [["a"], ["b"]]],
    ['"two\nlines"\tx', [["two\nlines", "x"]]],
    ['"say ""no"""', [['say "no"']]],
    ["a\n\nb", [["a"], [""], ["b"]]],
    ["", [[""]]],
  ])("%j", (text, lines) => {
    expect(pastedLines(text)).toEqual(lines);
  });
});

describe("folders to filter by", () => {
  const at = (...paths: string[]) => foldersOf(paths.map((path) => `https://a.example${path}`));

  it("are those that pages stand in, three deep at most, each once", () => {
    expect(at("/visit/x", "/visit/y", "/visit/boats/z", "/top")).toEqual(["/visit/", "/visit/boats/"]);
    expect(at("/a/b/c/d/e")).toEqual(["/a/", "/a/b/", "/a/b/c/"]);
  });

  it("do not come from what is asked for or pointed at", () => {
    expect(at("/x?from=/a/b", "/y#/c/d", "/")).toEqual([]);
  });

  it("are the forty with the most pages, in the order of the alphabet", () => {
    const few = Array.from({ length: 45 }, (_, i) => `/few-${10 + i}/x`);
    const found = at(...few, "/many/x", "/many/y");
    expect(found).toHaveLength(40);
    expect(found).toContain("/many/");
    expect(found).toEqual(found.toSorted());
  });
});
