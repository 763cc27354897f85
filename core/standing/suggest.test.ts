import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { oneForEach, type SuggestBasis, suggestPhrases } from "./suggest.ts";

const read = (source: string) => readPage(`<html lang=en>${source}`, { address: "https://quay.example/a" });
const basis = (over: Partial<SuggestBasis> = {}): SuggestBasis => ({
  anchors: [],
  share: () => 0.1,
  list: [],
  ...over,
});
const texts = (source: string, over?: Partial<SuggestBasis>) =>
  suggestPhrases(read(source), basis(over)).map(({ text }) => text);

const FOG =
  "<title>The fog signal of Quay</title><h1>Fog signals</h1><p>When the fog signal sounds, visitors wait. The fog signal is loud, and visitors like it.<h2>How the fog signal works</h2><p>Air is pressed.";

describe("phrases out of a page's own words", () => {
  it("are word groups that it repeats, the weightiest first, in any of their forms", () => {
    const [first] = suggestPhrases(read(FOG), basis());
    expect(first).toMatchObject({
      text: "fog signal",
      volume: null,
      count: 5,
      places: ["title", "h1", "h2", "first100"],
    });
    // What is part of it, or it with more around it, is not suggested beside it.
    expect(texts(FOG)).toEqual(["fog signal"]);
    expect(texts(FOG.replace("of Quay", "for visitors"))).toEqual(["fog signal", "visitors"]);
  });

  it("go over no comma, and begin and end with no word that says nothing", () => {
    const found = texts("<title>Boats, lamps</title><p>Boats, lamps. The end of the world, the end of the world.");
    expect(found).toContain("end of the world");
    expect(found.filter((text) => /boats.+lamps|^the | the$/i.test(text))).toEqual([]);
  });

  it("are unusual on this site: what every page says tells none apart", () => {
    const source = "<title>Museum lamps</title><h1>Museum lamps</h1><p>A museum of museum lamps: lamps.";
    const common = (stem: string) => (stem.startsWith("museum") ? 1 : 0.02);
    const [first] = texts("<title>Quay: lamps</title><h1>Quay: lamps</h1><p>x", {
      share: (s) => (s === "quay" ? 1 : 0.01),
    });
    expect(first).toBe("lamps");
    expect(suggestPhrases(read(source), basis({ share: common }))[0]?.text.toLowerCase()).toContain("lamp");
  });

  it("are those of the list where they stand there, once is enough, with their searches", () => {
    const found = suggestPhrases(
      read("<title>Tide tables</title><h1>When it is high</h1><p>See the table of tides."),
      basis({
        list: [
          { text: "tide table", volume: 900 },
          { text: "moon", volume: 9 },
        ],
      }),
    );
    expect(found[0]).toMatchObject({ text: "tide table", volume: 900 });
    expect(found.map(({ text }) => text)).not.toContain("moon");
  });

  it("take the words of links that lead to the page", () => {
    expect(texts("<title>Welcome</title><p>A boat hire", { anchors: ["Boat hire", "our boat hire"] })).toContain(
      "boat hire",
    );
  });

  it("are none where there is nothing to repeat", () => {
    expect(texts("<title></title>")).toEqual([]);
    expect(texts("<title>1 2 3</title><p>1 2 3 the of and the of and")).toEqual([]);
  });

  it("stay quick on a page of one word over and over", () => {
    const start = performance.now();
    suggestPhrases(read(`<title>lamp</title><p>${"lamp boat ".repeat(50_000)}`), basis());
    expect(performance.now() - start).toBeLessThan(2000);
  });
});

it("no two pages are given one phrase, nor what a page wants already: the best has it, the other takes its next", () => {
  const one = (text: string, score: number) => ({ text, score, volume: null, count: 2, places: [] });
  const chosen = oneForEach(
    new Map([
      ["a", { language: "en", suggestions: [one("fog signal", 9), one("lamp", 3)] }],
      ["b", { language: "en", suggestions: [one("fog signals", 12), one("horn", 2)] }],
      ["c", { language: "en", suggestions: [one("boats", 5)] }],
    ]),
    new Set(["boat"]),
  );
  expect([...chosen].map(([id, { text }]) => [id, text])).toEqual([
    ["b", "fog signals"],
    ["a", "lamp"],
  ]);
});
