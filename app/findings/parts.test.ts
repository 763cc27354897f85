import { describe, expect, it } from "vitest";
import { NO_TOTALS, packFound } from "#core/findings/found";
import { pageRecord } from "../store/page-record";
import { NO_FACTS, NOTHING_DERIVED } from "../store/records/derived";
import type { StoredPage } from "../store/records/pages";
import type { SiteFindings } from "../store/told-findings";
import { overviewOf } from "./overview";
import { pagesOf, partsByFolder, partsBySubject } from "./parts";

const page = (path: string, ...rules: string[]) =>
  pageRecord({ id: path, siteId: "s", address: `https://www.example${path}` } as StoredPage, {
    ...NOTHING_DERIVED,
    ...NO_FACTS,
    found: packFound(new Map(rules.map((rule) => [rule, { ...NO_TOTALS, should: 1 }]))),
    id: path,
    siteId: "s",
  });
const PAGES = [
  page("/", "title/too-wide"),
  page("/shop/a", "title/too-wide", "heading/empty"),
  page("/shop/b", "heading/empty", "heading/jump"),
  page("/visit/c"),
];
const across = (rule: string, ...on: string[]) => ({
  rule,
  weight: "should" as const,
  message: "",
  on: on.map((one) => ({ page: one, weight: "should", key: "", at: { part: "title" }, related: [], fix: null })),
});
const doubled = across("title/doubled", "/shop/b", "/visit/c");
const findings = {
  all: [doubled],
  ofPage: new Map(doubled.on.map((on) => [on.page, [{ group: doubled, on }]])),
} as unknown as SiteFindings;
const shown = { overview: overviewOf(PAGES, findings, null), pages: PAGES, findings, all: PAGES } as never;
const any = () => true;
const told = (parts: ReturnType<typeof partsBySubject>) =>
  parts.map(({ name, note, rules, below }) => [
    name,
    note,
    rules
      .map(({ rule }) => rule)
      .sort()
      .join(" "),
    below,
  ]);

describe("the lines of the findings", () => {
  it("stand by subject, with the pages that have any of them, across pages too", () => {
    expect(told(partsBySubject(shown, any))).toEqual([
      ["Titles", "2 kinds, on 4 pages", "title/doubled title/too-wide", ""],
      ["Headings", "2 kinds, on 2 pages", "heading/empty heading/jump", ""],
    ]);
  });

  it("say nothing of pages that are not known yet", () => {
    expect(partsBySubject({ ...(shown as object), pages: null } as never, any).map(({ note }) => note)).toEqual([
      "2 kinds",
      "2 kinds",
    ]);
  });

  it("stand by folder, the root by its name", () => {
    expect(told(partsByFolder(PAGES, findings, null, any))).toEqual([
      ["At the root", "1 kind, on 1 page", "title/too-wide", "/"],
      ["/shop/", "4 kinds, on 2 pages", "heading/empty heading/jump title/doubled title/too-wide", "/shop/"],
      ["/visit/", "1 kind, on 1 page", "title/doubled", "/visit/"],
    ]);
  });

  it("are those that are looked for, and leave out what has none", () => {
    const jumps = ({ rule }: { rule: string }) => rule === "heading/jump";
    expect(told(partsBySubject(shown, jumps))).toMatchObject([["Headings", "1 kind, on 2 pages", "heading/jump", ""]]);
    expect(partsByFolder(PAGES, findings, null, jumps).map(({ name }) => name)).toEqual(["/shop/"]);
    expect(partsByFolder(PAGES, findings, "must", any)).toEqual([]);
  });

  it("count in words", () => {
    expect([pagesOf(1), pagesOf(0), pagesOf(12_000)]).toEqual(["1 page", "0 pages", "12,000 pages"]);
  });
});
