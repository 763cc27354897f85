import { expect, it } from "vitest";
import type { FindingOn, SiteFinding } from "#core/findings/finding";
import type { SetAside } from "#core/findings/set-aside";
import type { SiteAuditPart } from "../workers/site.worker";
import { type SiteFindings, Told } from "./told-findings";

const finding = (rule: string) =>
  ({ rule, weight: "should" as const, message: `${rule} found` }) as Omit<SiteFinding, "on">;
const on = (page: string): FindingOn =>
  ({ page, key: `key on ${page}`, at: { part: "title" } }) as unknown as FindingOn;
const aside = (of: Partial<SetAside>): SetAside => ({
  scope: "page",
  rule: "title/duplicate",
  pageId: "a",
  key: null,
  reason: "Both are right.",
  ...of,
});

/** What is told of findings by number: those that are gone, and those that come with the pages they are on. */
function parts(
  gone: number[],
  come: Record<number, [rule: string, pages: string[]]>,
  setAsides: SetAside[] = [],
): SiteAuditPart[] {
  const numbered = Object.entries(come).map(([number, [rule]]) => ({ ...finding(rule), number: Number(number) }));
  const places = Object.entries(come).map(([number, [, pages]]) => [Number(number), pages.map(on)] as const);
  return [{ gone, come: numbered }, ...places.map((one) => ({ places: [one] })), { setAsides }];
}

const tell = (told: Told, all: SiteAuditPart[]): SiteFindings => {
  const answers = all.map((part) => told.take(part));
  // Only what is complete is shown.
  expect(answers.slice(0, -1).every((answer) => answer === null)).toBe(true);
  return answers.at(-1) as SiteFindings;
};
const rulesOn = (findings: SiteFindings, page: string) =>
  (findings.ofPage.get(page) ?? []).map(({ group }) => group.rule);

it("puts findings together from their parts, in whatever pieces their places come", () => {
  const told = new Told();
  const [head, ...rest] = parts([], { 1: ["title/duplicate", ["a", "b"]], 2: ["link/broken", ["b"]] });
  const found = tell(told, [head as SiteAuditPart, { places: [[1, [on("c")]]] }, ...rest]);
  expect(found.all.map(({ rule, on: places }) => [rule, places.map(({ page }) => page)])).toEqual([
    ["title/duplicate", ["c", "a", "b"]],
    ["link/broken", ["b"]],
  ]);
  expect(["a", "b", "c", "d"].map((page) => rulesOn(found, page))).toEqual([
    ["title/duplicate"],
    ["title/duplicate", "link/broken"],
    ["title/duplicate"],
    [],
  ]);
});

it("takes back what is gone, and leaves no page behind that nothing is found on", () => {
  const told = new Told();
  tell(told, parts([], { 1: ["title/duplicate", ["a", "b"]], 2: ["link/broken", ["b"]] }));
  const found = tell(told, parts([1], { 3: ["title/duplicate", ["b", "c"]] }));
  expect([...found.ofPage.keys()].sort()).toEqual(["b", "c"]);
  expect(rulesOn(found, "b")).toEqual(["link/broken", "title/duplicate"]);
  expect(tell(told, parts([2, 3], {})).ofPage.size).toBe(0);
});

it("gives a page another list where its findings have changed, and the same where they have not", () => {
  const told = new Told();
  const first = tell(told, parts([], { 1: ["title/duplicate", ["a", "b"]], 2: ["link/broken", ["c"]] }));
  const [a, c] = [first.ofPage.get("a"), first.ofPage.get("c")];
  const then = tell(told, parts([1], { 3: ["title/duplicate", ["a", "d"]] }));
  expect(then.ofPage.get("a")).not.toBe(a);
  expect(then.ofPage.get("c")).toBe(c);
});

it("keeps apart what was set aside, on one page and on the whole site, and takes it up again", () => {
  const told = new Told();
  const come = { 1: ["title/duplicate", ["a", "b"]], 2: ["link/broken", ["a"]] } satisfies Parameters<typeof parts>[1];
  const onA = tell(told, parts([], come, [aside({})]));
  expect([rulesOn(onA, "a"), rulesOn(onA, "b")]).toEqual([["link/broken"], ["title/duplicate"]]);
  expect(onA.everyOfPage.get("a")?.map(({ group }) => group.rule)).toEqual(["title/duplicate", "link/broken"]);
  expect(onA.all[0]?.on.map(({ page }) => page)).toEqual(["b"]);

  const everywhere = tell(told, parts([], {}, [aside({ scope: "site", pageId: null })]));
  expect(everywhere.all.map(({ rule }) => rule)).toEqual(["link/broken"]);
  expect(rulesOn(everywhere, "b")).toEqual([]);

  const open = tell(told, parts([], {}));
  expect([rulesOn(open, "a").sort(), rulesOn(open, "b")]).toEqual([
    ["link/broken", "title/duplicate"],
    ["title/duplicate"],
  ]);
});

it("takes back a finding of which some places were set aside", () => {
  const told = new Told();
  tell(told, parts([], { 1: ["title/duplicate", ["a", "b"]] }, [aside({})]));
  const found = tell(told, parts([1], {}, [aside({})]));
  expect([found.all, found.ofPage.size, found.everyOfPage.size]).toEqual([[], 0, 0]);
});
