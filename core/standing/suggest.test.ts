import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { oneForEach, type SuggestBasis, suggestPhrases } from "./suggest.ts";

const read = (source: string) => readPage(`<html lang=en>${source}`, { address: "https://quay.example/a" });
const basis = (over: Partial<SuggestBasis> = {}): SuggestBasis => ({
  anchors: [],
  share: () => 0.1,
  list: [],
  brand: "",
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

  it.each([
    ["days and months", "en", "Mondays", "Open on Mondays in May. Mondays in May are quiet, and Monday is Monday."],
    ["question words", "en", "What", "What is open? What is free? What, what."],
    [
      "words of websites",
      "en",
      "Click here",
      "Click here. Click here to read more, read more on our home page, home page.",
    ],
    ["words of websites, in German", "de", "Hier klicken", "Hier klicken, hier klicken. Zur Startseite. Startseite."],
    ["numbers", "en", "Ten", "Ten for ten. Ten and ten, two and two, two."],
    ["articles on a page without a language", "", "The", "The the. The, the who? Who, the."],
    ["the place of the imprint", "de", "Kiel", "In Kiel. Hafenstraße 3, 24103 Kiel. Kiel, Kiel."],
    ["the place of the imprint", "en", "Whitby", "In Whitby. Quay 3, Whitby YO21 3PU. Whitby."],
    ["a part of the site's name", "en", "Quay Boats", "Quay boats. The quay. Quay boats of the quay."],
  ])("are no %s (%s)", (_, language, h1, text) => {
    const page = readPage(`<html lang="${language}"><title>${h1}</title><h1>${h1}</h1><p>${text}`, {
      address: "https://quay.example/a",
    });
    expect(suggestPhrases(page, basis({ brand: "Old Quay Boats" }))).toEqual([]);
  });

  it("are no places of a postal address in the page's data, but may have them in them", () => {
    const data = (town: string) =>
      `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Museum","name":"Quay","address":{"@type":"PostalAddress","addressLocality":"${town}"}}</script>`;
    const text = "<title>Portloe</title><h1>Portloe</h1><p>Portloe. ";
    expect(texts(text)).toEqual(["Portloe"]);
    expect(texts(text + data("Portloe"))).toEqual([]);
    expect(texts(`${text}Portloe boats, Portloe boats.${data("Portloe")}`)).toEqual(["Portloe boats"]);
  });

  it("offer no phrase twice in another order of its words", () => {
    expect(texts("<title>Boat hire</title><h1>Hire of boats</h1><p>Boat hire. Hire of boats.")).toHaveLength(1);
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
