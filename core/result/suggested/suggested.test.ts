import { describe, expect, it } from "vitest";
import { readPage } from "../../page/read.ts";
import { DEFAULT_HOUSE_STYLE, DEFAULT_LIMITS } from "../../settings/house-style.ts";
import { setDescription, setTitle } from "../result.ts";
import { shorterWordings } from "../shorten.ts";
import { suggestDescriptions } from "./descriptions.ts";
import { type SuggestingBasis, worseThan } from "./suggested.ts";
import { suggestTitles } from "./titles.ts";

const page = (source: string) => readPage(`<html lang=en>${source}`, { address: "https://quay.example/shop/mug" });
const basis = (more: Partial<SuggestingBasis> = {}): SuggestingBasis => ({
  phrase: "",
  kind: "other",
  style: { ...DEFAULT_HOUSE_STYLE, brand: "Quay", separator: " | " },
  limits: DEFAULT_LIMITS,
  helperWords: [],
  taken: () => false,
  share: () => 0.1,
  ...more,
});
const titles = (source: string, more?: Partial<SuggestingBasis>) => suggestTitles(page(source), basis(more));
const texts = (found: readonly { text: string }[]) => found.map(({ text }) => text);

describe("titles out of the page's own words", () => {
  const mug =
    "<title>Shop</title><main><h1>Enamel mug</h1><p>A mug for £11.50 with a bird on it. It has a handle.<h2>Washing</h2><p>By hand.<h2>Introduction</h2><h2>What it is made of</h2></main>";

  it("are made of the H1, the price of a product, its subheadings and the site's name, with reasons", () => {
    const found = titles(mug, { phrase: "enamel mug", kind: "product" });
    expect(texts(found).some((text) => /^Enamel mug, £11\.50.* \| Quay$/.test(text))).toBe(true);
    expect(texts(found).join()).not.toMatch(/Introduction|introduction|made of/);
    expect(found[0]?.reasons).toContain("begins with “Enamel mug”");
    expect(found.find(({ text }) => text.includes("£11.50"))?.reasons).toContain("gives the price");
    expect(found.every(({ text, px }) => px === setTitle(text, "desktop", DEFAULT_LIMITS).px)).toBe(true);
  });

  it("put the phrase before an H1 that lacks it, but never before one that says nothing", () => {
    expect(titles("<h1>Step aboard</h1>", { phrase: "boat hire" })[0]?.text).toBe("Boat hire: step aboard | Quay");
    expect(texts(titles("<h1>Welcome</h1>", { phrase: "boat hire" })).join()).not.toContain("elcome");
  });

  it("take a question that the page asks, the place it is for, words that go with the phrase, and the number of its questions", () => {
    const boats =
      "<h1>Boats</h1><h2>What does boat hire cost?</h2><p>Little; cheap oars.<h2>Who rows?</h2><h2>Is there soup?</h2>";
    const found = titles(boats, {
      phrase: "boat hire",
      audience: { of: "place", name: "Gullhaven" },
      helperWords: ["oars", "tickets"],
    });
    expect(texts(found)).toContain("What does boat hire cost?");
    const all = found.flatMap(({ reasons }) => reasons);
    expect(all).toContain("names Gullhaven, which the page is for");
    expect(all.join()).not.toContain("tickets");
    expect(texts(titles(boats, { phrase: "boats" })).join()).toContain(": 3 questions");
  });

  it("leave out what other pages have, boasts, what is there, and what is cut", () => {
    const all = texts(titles(mug, { phrase: "enamel mug" }));
    expect(all.length).toBeGreaterThan(2);
    const [first = ""] = all;
    expect(texts(titles(mug, { phrase: "enamel mug", taken: (text) => text === first }))).not.toContain(first);
    expect(texts(titles("<title>The best boats</title><h1>Best boats in the world</h1>"))).toEqual([]);
    expect(texts(titles("<title>Boats | Quay</title><h1>Boats</h1>"))).not.toContain("Boats | Quay");
    const long = titles(`<h1>Boats, ${"oars and ropes, ".repeat(8)}nets</h1>`, { phrase: "boats" });
    expect(long.length).toBeGreaterThan(0);
    for (const { text } of long) expect(setTitle(text, "desktop", DEFAULT_LIMITS).lost).toBe("");
  });

  it("give the number of steps where the page has them in an ordered list", () => {
    const bowline = "<main><h1>How to tie a bowline</h1><ol><li>Loop<li>Through<li>Round<li>Back</ol></main>";
    expect(texts(titles(bowline, { phrase: "tie a bowline" })).join()).toContain("How to tie a bowline in 4 steps");
  });

  it("give no number of steps of a list that is no instruction, and no words of a language that the page does not say", () => {
    const list = "<ol><li>Loop<li>Through<li>Round<li>Back</ol>";
    expect(texts(titles(`<main><h1>Our oldest boats</h1>${list}</main>`)).join()).not.toContain("steps");
    const unsaid = readPage(`<main><h1>How to tie a bowline</h1>${list}</main>`, { address: "https://quay.example/" });
    expect(texts(suggestTitles(unsaid, basis())).join()).not.toContain("steps");
  });

  it("join no numbers of sections and no headings that any page has, and keep the capitals of German nouns", () => {
    const all = texts(
      titles("<main><h1>Lamp oil</h1><h2>2.1 Wicks</h2><h2>Synopsis</h2><h2>Name</h2><h2>Chapter 3</h2></main>"),
    ).join();
    expect(all).not.toMatch(/2\.1|synopsis|name|chapter/i);
    const german = readPage("<html lang=de><main><h1>Seekarten</h1><h2>Karten lesen</h2></main>", {
      address: "https://quay.example/",
    });
    expect(texts(suggestTitles(german, basis({ phrase: "Bootsverleih" }))).join()).toMatch(
      /Bootsverleih: Seekarten|Seekarten, Karten lesen/,
    );
  });

  it("follow the house style's pattern where there is one", () => {
    expect(
      titles(mug, { patterned: { title: "Mugs by post | Quay" } }).some(({ reasons }) =>
        reasons.includes("follows the house style’s pattern"),
      ),
    ).toBe(true);
  });
});

describe("what is worse than what stands there", () => {
  const worse = (now: string, text: string, { phrase = "boat hire", sound = true } = {}) =>
    worseThan(now, { phrase, language: "en", sound })(text);
  it.each([
    ["says less", "Boat hire on the river, prices", "Boat hire", true],
    ["says something else", "Boat hire on the river", "Boat hire, prices", false],
    ["says the phrase where it was not said", "Boats on the river for hire", "Boat hire", false],
    ["brings the phrase to the front", "The river: boat hire", "Boat hire on the river", false],
    ["is put beside nothing", "", "Boat hire", false],
  ])("%s", (_, now, text, is) => {
    expect(worse(now, text)).toBe(is);
  });

  it("is nothing where what stands there is not sound", () => {
    expect(worse("Boat hire, boat hire, boat hire on the river", "Boat hire", { sound: false })).toBe(false);
  });
});

describe("descriptions out of the page's own sentences", () => {
  const source =
    "<main><h1>Boat hire</h1><p>Table 53.</p><p>boat [ -f ] [ --oars n ] file | keeper [ -v ].</p>" +
    "<p>Welcome to the best boats of all. Boats are hired by the hour from the East Quay, with oars and a rope. They hold four people each. See Table 3 below.</p>" +
    "<p>An hour costs £6.00 (with oars), which you pay on board. This is a bargain. Dr. Stone keeps the oars dry in the shed behind the café.</p></main>";
  const found = (more?: Partial<SuggestingBasis>) => suggestDescriptions(page(source), basis(more));

  it("are whole sentences that say the phrase, without labels, synopses, boasts and what points elsewhere", () => {
    const all = texts(found({ phrase: "hire a boat" }));
    expect(all[0]).toMatch(/^Boats are hired by the hour/);
    for (const text of all) {
      expect(text).not.toMatch(/Table 53|--oars|best|below|^This|^They|^Dr\.$/);
      expect(text).toMatch(/\.$/);
    }
    expect(all).toContain(
      "Boats are hired by the hour from the East Quay, with oars and a rope. They hold four people each.",
    );
  });

  it("say why; those that are shortened too; and none that another page has", () => {
    const all = found();
    expect(all.some(({ reasons }) => reasons.includes("gives a price"))).toBe(true);
    expect(all.every(({ text }) => setDescription(text, "desktop", DEFAULT_LIMITS).lost === "")).toBe(true);
    const [first] = all;
    expect(texts(found({ taken: (text) => text === first?.text }))).not.toContain(first?.text);
    expect(
      texts(
        suggestDescriptions(
          page(
            "<p>An hour on the water around the old lightship and back to the east quay costs £6.00, which you pay on board.",
          ),
          basis(),
        ),
      ),
    ).toContain("An hour on the water around the old lightship and back to the east quay costs £6.00.");
  });

  it.each([
    ["en", "a condition without what follows from it", "If the lamp of the ship is lit."],
    ["de", "a condition without what follows from it", "Wenn die Lampe des Schiffes brennt."],
    ["fr", "a condition without what follows from it", "Lorsque la lampe du bateau est allumée."],
    ["en", "an answer without its question", "Yes, the boats are dry in the winter months."],
    ["de", "an answer without its question", "Nein, die Boote sind im Winter nicht trocken."],
    ["en", "half a quotation", "“The lamp of the ship is lit at dusk."],
    ["de", "half a quotation", "„Die Lampe des Schiffes brennt jede Nacht."],
    ["en", "a part of a list", "oars and ropes for the boats at the quay."],
    ["en", "a notice about cookies", "We use cookies to remember the boats that you hired."],
    ["sv", "a notice about cookies", "Vi använder kakor för att minnas båtarna på webbplatsen."],
    [
      "en",
      "a condition before the matter is named",
      "When the lamp of the ship is lit, the tower and the deck are closed to visitors.",
    ],
    [
      "en",
      "words that somebody else has said",
      "“They mended the oars in ten minutes at the quay,” says Ann P. Moore from the harbour.",
    ],
    ["de", "a notice about cookies", "Wir verwenden Cookies, damit die Boote gefunden werden."],
  ])("(%s) are never %s", (language, _, sentence) => {
    const good =
      language === "en"
        ? "The boats of the museum are hired out at the east quay behind the lock."
        : language === "sv"
          ? "Museets båtar hyrs ut vid den östra kajen bakom slussen varje dag."
          : language === "de"
            ? "Die Boote des Museums liegen am östlichen Kai hinter der Schleuse bereit."
            : "Les bateaux du musée sont loués au quai de l’est, derrière l’écluse.";
    const read = readPage(`<html lang=${language}><main><h1>x</h1><p>${good}</p><p>${sentence}</p></main>`, {
      address: "https://quay.example/boats",
    });
    const all = texts(suggestDescriptions(read, basis()));
    expect(all).toContain(good);
    expect(all.join(" ")).not.toContain(sentence.slice(3, 20));
  });

  it("are no short answer below its question, and no sentence that is too short to say anything", () => {
    const faq = page(
      "<h2>Is there power?</h2><p>At every second pitch by the lake.</p><p>The campsite lies in a meadow by the lake and is open from May to September.",
    );
    const all = texts(suggestDescriptions(faq, basis()));
    expect(all).toContain("The campsite lies in a meadow by the lake and is open from May to September.");
    expect(all.join(" ")).not.toContain("second pitch");
    expect(texts(suggestDescriptions(page("<p>The boats are dry.</p><p>The oars are new.</p>"), basis()))).toEqual([]);
  });

  it("are none where there is nothing to say", () => {
    expect(suggestDescriptions(page("<h1>Boats</h1><pre>row(boat);</pre>"), basis())).toEqual([]);
  });
});

it("a text is made to fit in several ways, which keep what it must say", () => {
  const fits = (text: string) => text.length <= 44;
  const text = "Opening times (and prices) of the lightship, the last boat | Quay";
  const ways = shorterWordings(text, {
    fits,
    brandless: "Opening times (and prices) of the lightship, the last boat",
    language: "en",
    keeps: (one) => one.includes("Opening"),
  });
  expect(ways.map(({ how }) => how)).toEqual(
    ["cut behind a word", "without its last part", "without what stands in brackets"].filter((how) =>
      ways.some((one) => one.how === how),
    ),
  );
  expect(ways.length).toBeGreaterThan(1);
  for (const { text: shorter } of ways) expect(fits(shorter) && shorter.startsWith("Opening")).toBe(true);
  expect(
    shorterWordings(text, { fits, brandless: text, language: "en", keeps: (one) => one.includes("boat") }),
  ).toEqual([]);
});

it.each([
  ["de", "Eine lange Fahrt mit dem Boot von der Insel zum Leuchtturm", 44],
  ["fr", "Une longue promenade en bateau de la ville vers le phare", 38],
  ["es", "Un paseo largo en barco desde el puerto hasta el faro", 34],
  ["en", "The long letters of the keeper J. R. Stone to the harbour", 38],
  ["en", "The long letters (of the keeper) to all of the harbour", 30],
])("a title (%s) is not cut behind a word that leads on, at an initial, or within brackets", (language, text, most) => {
  for (let length = 15; length <= most; length++)
    for (const { text: shorter } of shorterWordings(text, {
      fits: (one) => one.length <= length,
      brandless: text,
      language,
    }))
      expect(shorter).not.toMatch(
        /\s(?:von|der|mit|dem|zum|en|de|la|vers|le|desde|el|hasta|of|the|to|J\.|R\.|all)$|\([^)]*$/,
      );
});

it("a description is made to fit in whole sentences first", () => {
  const text = "Boats are for hire. They hold four people each. Oars are lent at the quay, and ropes too.";
  const [first] = shorterWordings(text, { fits: (one) => one.length <= 60, brandless: text, language: "en" });
  expect(first).toEqual({ text: "Boats are for hire. They hold four people each.", how: "in whole sentences" });
});
