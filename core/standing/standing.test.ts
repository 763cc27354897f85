import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { audit } from "../audit/auditor.ts";
import { originalFromText } from "../page/original.ts";
import { originalFromBytes } from "../page/original-from-bytes.ts";
import { languageOf, type Page } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { DEFAULT_HOUSE_STYLE } from "../settings/house-style.ts";
import { inWords } from "./in-words.ts";
import { passagesOf } from "./passages.ts";
import { fewPhrases, PhraseList } from "./phrase-list.ts";
import { type PlaceOfPhrase, standingsOf } from "./standing.ts";

const address = "https://quay.example/ship/fog-signal.html";
const read = (body: string, head = "") =>
  readPage(originalFromText(`<!doctype html><html lang="en"><head>${head}</head><body>${body}`), { address });
const standing = (page: Page, phrase: string, anchors: string[] = []) =>
  standingsOf(page, new PhraseList([phrase]), anchors).get(0);

// Counted by hand: three pages with their words numbered in the comments beside them.
describe("count, density and the first hundred words, worked out by hand", () => {
  it("of a page of 20 words that says a phrase of two words twice: 2 × 2 ÷ 20 × 100 = 20", () => {
    // H1: 3 words. First paragraph: 8. Second: 9.
    const page = read(
      "<h1>Our fog signal</h1><p>The fog signal is heard far off today.<p>Two fog signals stood on the deck back then.",
    );
    expect(standing(page, "fog signal")).toMatchObject({
      count: 3,
      density: 30,
      places: { h1: "exact", body: "exact" },
    });
    expect(standing(page, "fog signal on the deck")).toMatchObject({ count: 0, density: 0 });
  });

  it("of a page where it begins at the 100th word, and at the 101st", () => {
    const words = (n: number) => Array.from({ length: n }, () => "word").join(" ");
    const at = (n: number) => standing(read(`<h1>A title</h1><p>${words(n - 1)} fog signal`), "fog signal")?.places;
    expect([at(100)?.first100, at(101)?.first100]).toEqual(["exact", null]);
    expect([at(100)?.body, at(101)?.body]).toEqual(["exact", "exact"]);
  });

  it("of a page that says it in every place, and of one that says it in none", () => {
    const page = read(
      '<h1>The fog signal</h1><p>It is a fog signal.</p><h2>Fog signals</h2><img src="a.png" alt="The signal in fog">',
      '<title>Fog signal</title><meta name="description" content="A signal for days of fog.">',
    );
    expect(standing(page, "fog signal", ["the old fog signal"])?.places).toEqual({
      title: "exact",
      h1: "exact",
      h2: "form",
      first100: "exact",
      body: "exact",
      description: "scattered",
      slug: "exact",
      alt: "scattered",
      anchors: "exact",
    });
    expect(standing(page, "lamp")).toBeUndefined();
  });
});

describe("many phrases and a few", () => {
  const folder = new URL("../../demo/gullhaven/", import.meta.url);
  const files = readdirSync(folder, { recursive: true, encoding: "utf8" }).filter((file) => file.endsWith(".html"));
  const pages = files.map((file) =>
    readPage(originalFromBytes(readFileSync(new URL(encodeURI(file), folder))), { address: `${address}/${file}` }),
  );
  const phrases = readFileSync(new URL("../../demo/phrases.csv", import.meta.url), "utf8")
    .trim()
    .split("\n")
    .slice(1)
    .map((line) => line.split(",")[0] ?? "");

  it("stand where they stand by themselves", () => {
    for (const page of pages) {
      const all = standingsOf(page, new PhraseList(phrases));
      expect(standingsOf(page, fewPhrases(phrases))).toEqual(all);
    }
  });

  // What the screen says and what the rules find is one thing.
  it("are missing where the rules say so", () => {
    const rules: [rule: string, place: PlaceOfPhrase][] = [
      ["title/phrase-missing", "title"],
      ["description/phrase-missing", "description"],
      ["slug/phrase-missing", "slug"],
      ["heading/phrase-missing-h1", "h1"],
    ];
    for (const page of pages)
      for (const phrase of ["lightship", "lamp", "opening times", "fog signal", "lantern walks"]) {
        const found = new Set(
          audit(page, { phrase, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-28" }).map(({ rule }) => rule),
        );
        const places = standing(page, phrase)?.places;
        for (const [rule, place] of rules) if (found.has(rule)) expect(places?.[place] ?? null).toBeNull();
      }
  });
});

describe("in words", () => {
  it("names places by how it stands there, and what is missing of what is expected", () => {
    const page = read("<h1>Fog signals</h1><p>A fog signal. Of the fog signal.", "<title>Fog signal</title>");
    expect(inWords(standing(page, "fog signal") ?? { places: {} as never, count: 0 })).toEqual({
      there: "title, first 100 words, body 3 times, slug; H1 in another form",
      missing: "not in H2, description",
    });
  });
});

describe("the sentences that say a phrase", () => {
  const passages = (body: string, phrase: string) => {
    const page = read(body);
    return passagesOf(page, fewPhrases([phrase]).in(languageOf(page))).map(({ sentence, marks }) => [
      sentence,
      ...marks.map(({ start, end, kind }) => `${kind}: ${sentence.slice(start, end)}`),
    ]);
  };

  it("are told with what is said in them, exactly, in another form or scattered", () => {
    expect(
      passages(
        "<p>It opens. The museum has opening times. We tell the opening time by phone.<p>Times change, as Mr. Marsh opens late. No more.",
        "opening times",
      ),
    ).toEqual([
      ["The museum has opening times.", "exact: opening times"],
      ["We tell the opening time by phone.", "form: opening time"],
      ["Times change, as Mr. Marsh opens late.", "scattered: Times", "scattered: opens"],
    ]);
  });

  it("are cut around what is said where they are long, and no mark is cut", () => {
    const long = `${"word ".repeat(200)}fog signal ${"word ".repeat(200)}.`;
    const [[sentence = "", mark] = []] = passages(`<p>${long}`, "fog signal");
    expect(sentence.length).toBeLessThanOrEqual(320);
    expect(mark).toBe("exact: fog signal");
  });
});
