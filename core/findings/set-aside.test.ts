import { describe, expect, it } from "vitest";
import type { SiteFinding } from "./finding.ts";
import { openOf, type SetAside, setAsideBy } from "./set-aside.ts";

const finding = { rule: "title/too-wide", key: "title/too-wide @ title" };
const aside = (over: Partial<SetAside>): SetAside => ({
  scope: "place",
  rule: finding.rule,
  pageId: "a",
  key: finding.key,
  reason: "so",
  ...over,
});
const site = aside({ scope: "site", pageId: null, key: null });
const page = aside({ scope: "page", key: null });

describe("what a finding was set aside by", () => {
  it.each([
    ["its place", aside({}), true],
    ["its place on another page", aside({ pageId: "b" }), false],
    ["another place of its page", aside({ key: "title/too-wide @ title #2" }), false],
    ["its page", page, true],
    ["another page", { ...page, pageId: "b" }, false],
    ["the site", site, true],
    ["another rule on the site", { ...site, rule: "title/missing" }, false],
    ["another rule on its page", { ...page, rule: "title/missing" }, false],
    ["another rule at its place", aside({ rule: "title/missing" }), false],
  ])("%s", (_, record, isIt) => {
    expect(setAsideBy(finding, "a", [record])).toBe(isIt ? record : null);
  });

  it("is the first that holds, and nothing where nothing was set aside", () => {
    expect(setAsideBy(finding, "a", [aside({ pageId: "b" }), page, site])).toBe(page);
    expect(setAsideBy(finding, "a", [])).toBeNull();
  });
});

describe("findings across pages without what was set aside", () => {
  const across = (rule: string, ...pages: string[]) =>
    ({
      rule,
      weight: "should",
      message: "",
      on: pages.map((one) => ({ page: one, key: `${rule} @ title` })),
    }) as unknown as SiteFinding;
  const told = (list: readonly SiteFinding[]) => list.map(({ rule, on }) => [rule, on.map((one) => one.page)]);
  const all = [across("title/duplicate", "a", "b"), across("link/broken", "c")];

  it("are the same list where none of them was", () => {
    expect(openOf(all, [])).toBe(all);
    expect(openOf(all, [{ ...site, rule: "title/missing" }])).toBe(all);
  });

  it("lack the pages on which they were, and are gone with the last of these", () => {
    const onA = { ...page, rule: "title/duplicate" };
    expect(told(openOf(all, [onA]))).toEqual([
      ["title/duplicate", ["b"]],
      ["link/broken", ["c"]],
    ]);
    expect(
      told(openOf(all, [onA, aside({ rule: "title/duplicate", pageId: "b", key: "title/duplicate @ title" })])),
    ).toEqual([["link/broken", ["c"]]]);
    expect(told(openOf(all, [{ ...site, rule: "link/broken" }]))).toEqual([["title/duplicate", ["a", "b"]]]);
    expect(openOf(all, [onA])[1]).toBe(all[1]);
  });
});
