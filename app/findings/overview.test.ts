import { describe, expect, it } from "vitest";
import type { FindingOn, SiteFinding } from "#core/findings/finding";
import { NO_TOTALS, packFound } from "#core/findings/found";
import type { Weight } from "#core/settings/setting";
import { pageRecord } from "../store/page-record";
import { NO_FACTS, NOTHING_DERIVED } from "../store/records/derived";
import type { StoredPage } from "../store/records/pages";
import { NOTHING, type SiteFindings } from "../store/told-findings";
import { folderOf, foundOnPage, overviewOf } from "./overview";

const page = (path: string, over: Partial<typeof NOTHING_DERIVED & typeof NO_FACTS>, ready = false) =>
  pageRecord({ id: path, siteId: "s", address: `https://quay.example${path}`, ready, goneSince: null } as StoredPage, {
    ...NOTHING_DERIVED,
    ...NO_FACTS,
    ...over,
    id: path,
    siteId: "s",
  });
const missing = packFound(new Map([["title/missing", { ...NO_TOTALS, must: 1 }]]));

describe("what a site needs, added up", () => {
  it("counts rules, folders, pictures, data and what was done", () => {
    const pages = [
      page("/", { found: missing, pictures: 3, withoutAlt: 1 }),
      page("/visit/prices", { found: missing, types: ["Place"], edits: 2 }, true),
      page("/visit/hours", { settled: 4, conflicts: 2 }),
    ];
    expect(overviewOf(pages, NOTHING, null)).toEqual({
      pages: 3,
      totals: { must: 2, should: 0, may: 0 },
      rules: [{ rule: "title/missing", weight: "must", pages: 2, findings: 2 }],
      folders: [
        { path: "/visit/", pages: 2, must: 1 },
        { path: "/", pages: 1, must: 1 },
      ],
      pictures: 3,
      withoutAlt: 1,
      withData: 1,
      redrafted: 1,
      ready: 1,
      settled: 4,
      conflicts: 1,
      gone: 0,
    });
  });

  it("is of nothing for no pages", () => {
    expect(overviewOf([], NOTHING, null)).toMatchObject({ pages: 0, rules: [], folders: [] });
  });
});

describe("a rule on a page", () => {
  const found = packFound(
    new Map([
      ["heading/empty", { must: 0, should: 2, may: 1 }],
      ["title/case", { must: 0, should: 0, may: 1 }],
    ]),
  );
  const group = { rule: "link/broken", weight: "must", message: "", on: [] } as unknown as SiteFinding;
  const findings: SiteFindings = { ...NOTHING, ofPage: new Map([["a", [{ group, on: {} as FindingOn }]]]) };
  it.each<[string, Weight | null, boolean]>([
    ["heading/empty", null, true],
    ["heading/empty", "may", true],
    ["heading/empty", "must", false],
    ["title/case", "should", false],
    ["title/missing", null, false],
    ["link/broken", null, true],
    ["link/broken", "must", true],
    ["link/broken", "may", false],
  ])("%s of weight %s: %s, as the tally counts it", (rule, weight, is) => {
    expect(foundOnPage(rule, weight, { id: "a", found }, findings)).toBe(is);
  });
});

it.each([
  ["https://quay.example/", "/"],
  ["https://quay.example/prices?a=/b/", "/"],
  ["https://quay.example/visit/prices/x", "/visit/"],
  ["https://quay.example/visit/", "/visit/"],
])("the folder of %s is %s", (address, folder) => {
  expect(folderOf(address)).toBe(folder);
});
