import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { guessKind } from "../../page/page-kind.ts";
import { readPage } from "../../page/read.ts";
import { DEFAULT_HOUSE_STYLE, DEFAULT_LIMITS } from "../../settings/house-style.ts";
import { suggestDescriptions } from "./descriptions.ts";
import { PAGES } from "./graded.fixture.ts";
import { suggestTitles } from "./titles.ts";

/** What was judged good or usable of what was suggested, page by page; whatever is in neither list is bad until it was read. */
const GRADES = JSON.parse(readFileSync(new URL("./grades.fixture.json", import.meta.url), "utf8")) as {
  h1: string;
  good: string[];
  usable: string[];
}[];

const suggested = PAGES.map(({ lang, phrase, title, h1, body }, i) => {
  const page = readPage(
    `<html lang=${lang}><head><title>${title}</title></head><body><main><h1>${h1}</h1>${body}</main>`,
    { address: "https://mill.example/a" },
  );
  const basis = {
    phrase,
    limits: DEFAULT_LIMITS,
    style: DEFAULT_HOUSE_STYLE,
    helperWords: [],
    taken: () => false,
    share: () => 0.1,
    kind: guessKind(page),
  };
  const texts = (all: readonly { text: string }[]) => all.map(({ text }) => text);
  return {
    h1,
    grades: GRADES[i] ?? { h1: "", good: [], usable: [] },
    titles: texts(suggestTitles(page, basis)),
    descriptions: texts(suggestDescriptions(page, basis)),
  };
});

describe("suggestions on sixty pages in eight languages, graded by hand", () => {
  it("are made for each of them", () => {
    expect(PAGES).toHaveLength(60);
    expect(new Set(PAGES.map(({ lang }) => lang)).size).toBe(8);
    expect(suggested.map(({ grades }) => grades.h1)).toEqual(suggested.map(({ h1 }) => h1));
    expect(suggested.filter(({ titles, descriptions }) => titles.length * descriptions.length === 0)).toEqual([]);
  });

  it("hold none that is bad", () => {
    const bad = suggested.flatMap(({ grades, titles, descriptions }) =>
      [...titles, ...descriptions].filter((text) => !grades.good.includes(text) && !grades.usable.includes(text)),
    );
    expect(bad).toEqual([]);
  });

  it.each(["titles", "descriptions"] as const)("are good in four of five pages, where they come first: %s", (which) => {
    const good = suggested.filter((one) => one.grades.good.includes(one[which][0] ?? ""));
    expect(good.length / suggested.length).toBeGreaterThanOrEqual(0.8);
  });
});
