import { describe, expect, it } from "vitest";
import { firstPages, type MeasuredPage, measuredPages, pagesForQuestions, reasonInWords } from "./first-pages.ts";
import { addedUp, bandOf, clickRate, type PerformanceRow, rowsByPage } from "./performance.ts";

const row = (path: string, phrase: string, clicks: number, impressions: number, position: number | null) =>
  ({ address: `https://quay.example${path}`, phrase, clicks, impressions, position }) satisfies PerformanceRow;
const first = (rows: readonly PerformanceRow[], pages: readonly MeasuredPage[]) =>
  firstPages(measuredPages(rows, pages));
const page = (path: string, title: string) => ({
  id: path,
  address: `https://quay.example${path}`,
  title,
  language: "en",
});

describe("figures", () => {
  it("are added up, places weighted by how often they were shown", () => {
    // By hand: (2 × 300 + 10 × 100) / 400 = 4; 20 of 400 are 5 %.
    const all = addedUp([row("/a", "x", 15, 300, 2), row("/a", "y", 5, 100, 10), row("/a", "z", 0, 0, null)]);
    expect(all).toEqual({ clicks: 20, impressions: 400, position: 4 });
    expect(clickRate(all)).toBe(5);
    expect(clickRate(addedUp([]))).toBeNull();
    expect(addedUp([row("/a", "", 1, 5, null)]).position).toBeNull();
  });

  it("are a page's whatever its address is written like", () => {
    const rows = [
      row("/a/", "", 1, 1, 1),
      { ...row("/a", "", 2, 2, 2), address: "http://www.quay.example/a#top" },
      { ...row("", "tide table", 1, 1, 1), address: "" },
    ];
    expect([...rowsByPage(rows).values()].map((own) => own.length)).toEqual([2]);
  });

  it("fall into the places that are compared", () => {
    expect([1, 3.4, 3.5, 10.4, 10.5, 20.4, 21, null].map(bandOf)).toEqual([0, 0, 1, 1, 2, 2, 3, -1]);
  });
});

describe("the pages that are worth being looked at first", () => {
  const usual = [1, 2, 3].map((n) => row(`/usual-${n}`, "boats", 40, 1000, 2));
  const pages = [
    ...[1, 2, 3].map((n) => page(`/usual-${n}`, "Boats")),
    page("/seldom", "Harbour tours"),
    page("/near", "Harbour walks and harbour walking"),
    page("/lacks", "Welcome"),
    page("/small", "Welcome"),
    page("/unmeasured", "Nothing"),
  ];
  const found = first(
    [
      ...usual,
      // 10 of 1,000, where others have 40.
      row("/seldom", "harbour tours", 10, 1000, 2.5),
      row("/near", "harbour walk", 20, 400, 6.2),
      row("/lacks", "boat hire", 9, 300, 1.2),
      row("/lacks", "hire", 1, 12, 1.2),
      row("/small", "boat hire", 0, 19, 8),
    ],
    pages,
  );

  it("are those that are clicked seldom, nearly at the top, or shown for what the title lacks", () => {
    expect(found.map(({ id, reasons }) => [id, ...reasons.map(({ kind }) => kind)])).toEqual([
      ["/seldom", "seldom-clicked"],
      ["/near", "near-top"],
      ["/lacks", "title-lacks"],
    ]);
  });

  it("say why in a sentence", () => {
    expect(found.flatMap((one) => one.reasons.map((reason) => reasonInWords(reason, one)))).toEqual([
      // The others at such places: (3 × 40 + 9 + 1) of (3 × 1,000 + 312).
      "Shown 1,000 times and clicked 10 times (1 %); other pages of this site are clicked 3.9 % of the time at such places.",
      "At place 6.2 for “harbour walk”, shown 400 times: a little higher is where most of the clicks are.",
      "Shown 300 times for “boat hire”, which its title “Welcome” does not say.",
    ]);
  });

  it("need others at such places to be called seldom clicked", () => {
    const few = first([row("/usual-1", "boats", 40, 1000, 2), row("/seldom", "tours", 1, 1000, 2)], pages);
    expect(few.flatMap(({ reasons }) => reasons).map(({ kind }) => kind)).not.toContain("seldom-clicked");
  });

  it("are found where only pages were measured", () => {
    const alone = first([row("/near", "", 20, 400, 6.2), row("/small", "", 20, 90, 6.2)], pages);
    expect(alone).toEqual([
      { id: "/near", clicks: 20, impressions: 400, position: 6.2, reasons: [expect.objectContaining({ phrase: "" })] },
    ]);
  });

  it("deserve questions in structured data where they are on the first ten places and clicked most, start pages aside", () => {
    const measured = [
      row("/", "", 900, 9000, 1),
      row("/de/", "", 800, 9000, 1),
      row("/a", "", 10, 90, 9),
      row("/b", "", 70, 900, 2),
      row("/c", "", 99, 9000, 12),
      row("/d", "", 30, 90, 4),
      row("/e", "", 5, 90, 4),
    ];
    const all = ["/", "/de/", "/a", "/b", "/c", "/d", "/e"].map((path) => page(path, path));
    expect(pagesForQuestions(measuredPages(measured, all)).map(({ id }) => id)).toEqual(["/b", "/d", "/a"]);
  });
});
