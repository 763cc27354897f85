import { describe, expect, it } from "vitest";
import { NO_TOTALS, packFound } from "#core/findings/found";
import { pageRecord } from "../store/page-record";
import { NO_FACTS, NOTHING_DERIVED } from "../store/records/derived";
import type { StoredPage } from "../store/records/pages";
import { NOTHING } from "../store/told-findings";
import { folderOf, overviewOf } from "./overview";

const page = (path: string, over: Partial<typeof NOTHING_DERIVED & typeof NO_FACTS>, ready = false) =>
  pageRecord({ id: path, siteId: "s", address: `https://quay.example${path}`, ready } as StoredPage, {
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
      page("/visit/hours", { settled: 4 }),
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
    });
  });

  it("is of nothing for no pages", () => {
    expect(overviewOf([], NOTHING, null)).toMatchObject({ pages: 0, rules: [], folders: [] });
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
