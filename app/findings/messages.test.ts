import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { pageFindings } from "../store/page-findings";
import type { SiteRecord } from "../store/records/sites";
import { setAside, setRuleAside } from "../store/set-asides";
import { emptyStorage, keptPage, openSite, TODAY } from "../store/testing";
import { TookTooLong } from "../workers/pool";
import { byMessages, messagesOf } from "./messages";

/** Pages that a worker does not come to an end with. */
const endless = new Set<string>();

vi.mock("../workers/pool", async (actual) => ({
  ...(await actual<typeof import("../workers/pool")>()),
  onPool: async (run: (worker: { pageFindings: typeof pageFindings }) => Promise<unknown>) =>
    run({
      pageFindings: async (site, ids, rule, today) => {
        if (ids.some((id) => endless.has(id))) throw new TookTooLong("took too long");
        return pageFindings(site, ids, rule, today);
      },
    }),
}));

let site: SiteRecord;
const ids: string[] = [];
const empty: string[] = [];
beforeAll(async () => {
  site = await openSite();
  for (const name of ["a", "b"])
    ids.push((await keptPage(site, "<html lang=en><h2></h2><h1>Lamp</h1>", `https://quay.example/${name}`)).id);
  empty.push((await keptPage(site, " ", "https://quay.example/empty")).id);
});
afterAll(emptyStorage);

const rulesOf = async (of: readonly string[], rule: string | null) =>
  (await messagesOf(site, of, rule)).map(({ id, findings }) => [id, findings.map((one) => one.rule)]);

describe("what is found on pages, in words", () => {
  it("is that of one rule, or of all", async () => {
    expect(await rulesOf(ids, "title/missing")).toEqual(ids.map((id) => [id, ["title/missing"]]));
    const [[, all] = []] = await rulesOf(ids, null);
    expect(all).toEqual(expect.arrayContaining(["title/missing", "heading/empty", "description/missing"]));
  });

  it("tells of a page that cannot be read why, by its own rule too", async () => {
    const [told] = await messagesOf(site, empty, "page/unreadable");
    expect(told?.findings).toEqual([
      { rule: "page/unreadable", weight: "must", message: expect.stringContaining("The source is empty") },
    ]);
    expect(await messagesOf(site, empty, null)).toEqual([told]);
    expect(await rulesOf(ids, "page/unreadable")).toEqual(ids.map((id) => [id, []]));
  });

  it("passes over a page that takes too long, and tells of the others", async () => {
    const [slow = "", other = ""] = ids;
    endless.add(slow);
    expect(await rulesOf(ids, "title/missing")).toEqual([
      [slow, ["page/unreadable"]],
      [other, ["title/missing"]],
    ]);
    endless.clear();
  });

  it("leaves out pages that are gone, and what was set aside", async () => {
    expect(await rulesOf(["gone", ...ids], "title/missing")).toHaveLength(2);
    const [first = "", second = ""] = ids;
    const finding = { rule: "heading/empty", key: "", message: "", weight: "should" } as unknown as Parameters<
      typeof setAside
    >[2];
    await setAside(site.id, first, finding, "page", "It is filled by a script.");
    await setRuleAside(site.id, "title/missing", "Titles come later.");
    expect(await rulesOf(ids, "heading/empty")).toEqual([
      [first, []],
      [second, ["heading/empty"]],
    ]);
    expect(await rulesOf(ids, "title/missing")).toEqual(ids.map((id) => [id, []]));
    expect((await pageFindings(site, [second], "title/missing", TODAY))[0]?.findings).toEqual([]);
  });
});

it("puts pages with equal messages together, and those that are still read", () => {
  const messages: Record<string, string[]> = { a: ["x", "y"], b: ["x"], c: ["x", "y"] };
  expect(byMessages(["d", "a", "b", "c", "e"], (page) => messages[page])).toEqual([
    { pages: ["d", "e"], messages: undefined },
    { pages: ["a", "c"], messages: ["x", "y"] },
    { pages: ["b"], messages: ["x"] },
  ]);
});
