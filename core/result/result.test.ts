import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { DEFAULT_LIMITS } from "../settings/house-style.ts";
import { breadcrumbOf } from "./breadcrumb.ts";
import { resultOf } from "./result.ts";
import { shorten } from "./shorten.ts";
import { firstSentence, suggestDescription, suggestTitle } from "./suggest.ts";

const page = (html: string, address = "https://quay.example/visit/opening-times") => readPage(html, { address });

describe("a search result", () => {
  it("shows host and path, with percent-encoding undone where it can be", () => {
    expect(
      resultOf(page("<title>Lamp</title>", "https://quay.example/caf%C3%A9/%zz"), "desktop", DEFAULT_LIMITS, null),
    ).toMatchObject({ trail: ["quay.example", "café", "%zz"], trailFromData: false });
  });

  // Google's documentation of breadcrumbs, from memory: the trail takes the place of the path.
  it("shows the breadcrumb of the structured data instead of the path", () => {
    const data = `<script type="application/ld+json">{"@type":"BreadcrumbList","itemListElement":[
      {"position":2,"name":"Times"},{"position":1,"item":{"@id":"/visit","name":"Visit"}}]}</script>`;
    expect(resultOf(page(`<title>x</title>${data}`), "mobile", DEFAULT_LIMITS, null).trail).toEqual([
      "quay.example",
      "Visit",
      "Times",
    ]);
  });

  it("cuts a title sooner on one desktop line than on two mobile ones, and names what is lost", () => {
    const long = "The lightship and her lamp, with opening times, prices and the last boat back";
    const desktop = resultOf(page(`<title>${long}</title>`), "desktop", DEFAULT_LIMITS, null).title;
    const mobile = resultOf(page(`<title>${long}</title>`), "mobile", DEFAULT_LIMITS, null).title;
    expect(desktop.lost).not.toBe("");
    expect(long.endsWith(desktop.lost)).toBe(true);
    expect(desktop.shown.endsWith(" …")).toBe(true);
    expect(mobile.end).toBeGreaterThanOrEqual(desktop.end);
  });

  it("sets the words of the phrase in bold, also in another form", () => {
    const html = '<html lang=en><title>x</title><meta name=description content="See the lamps of the ship">';
    const { bold } = resultOf(page(html), "desktop", DEFAULT_LIMITS, "ship lamp");
    expect(bold.map(({ start, end }) => "See the lamps of the ship".slice(start, end))).toEqual(["lamps", "ship"]);
  });
});

describe("a breadcrumb", () => {
  it.each<[string, string[], string[] | null]>([
    ["is found in a graph", ['{"@graph":[{"@type":["BreadcrumbList"],"itemListElement":[{"name":"A"}]}]}'], ["A"]],
    ["is found inside a page", ['{"breadcrumb":{"@type":"BreadcrumbList","itemListElement":[{"name":"A"}]}}'], ["A"]],
    ["passes over what is no JSON", ["{no", '[{"@type":"BreadcrumbList","itemListElement":[{"name":"B"}]}]'], ["B"]],
    ["needs names", ['{"@type":"BreadcrumbList","itemListElement":[{"position":1},"x",null]}'], null],
    ["needs a list", ['{"@type":"BreadcrumbList","itemListElement":"A"}', "null", "3"], null],
  ])("%s", (_, blocks, names) => {
    expect(breadcrumbOf(blocks)).toEqual(names);
  });
});

describe("a shorter wording", () => {
  const english = (most: number) => ({ fits: (text: string) => text.length <= most, language: "en" });
  it("gives up the site's name first", () => {
    expect(
      shorten("Opening times and prices | Gullhaven", { ...english(30), brandless: "Opening times and prices" }),
    ).toBe("Opening times and prices");
  });
  it("then its last parts", () => {
    const text = "Opening times of the lightship, prices, last boat";
    expect(shorten(text, { ...english(40), brandless: text })).toBe("Opening times of the lightship, prices");
  });
  it("then words, never ending on one that dangles", () => {
    const text = "Everything about the lamp of the ship and the crew who kept her";
    expect(shorten(text, { ...english(44), brandless: text })).toBe("Everything about the lamp of the ship");
  });
  it("and says nothing where nothing sensible fits", () => {
    expect(shorten("Unpronounceable lightship", { ...english(5), brandless: "Unpronounceable lightship" })).toBeNull();
  });
});

describe("a suggestion is made of the page's own words", () => {
  it("title: the H1 with the site's name, once", () => {
    expect(suggestTitle(page("<h1>The lamp</h1>"), { brand: "Quay", separator: " | " })).toBe("The lamp | Quay");
    expect(suggestTitle(page("<h1>Welcome to Quay</h1>"), { brand: "Quay", separator: " | " })).toBe("Welcome to Quay");
    expect(suggestTitle(page("<h1> </h1><h2>Lamp</h2>"), { brand: "Quay", separator: " | " })).toBeNull();
  });
  it("description: whole sentences of the first paragraph of the content, as many as are shown", () => {
    const one = "The ship lies at the east quay, five minutes from the station on foot.";
    const two = "She is open on all days but Monday.";
    const many = ` ${"And there is much more to be said of her. ".repeat(20)}`;
    const html = `<nav><p>Home. Visit. Shop. Contact. And many other places to go to.</p></nav><p>${one} ${two}${many}</p>`;
    const made = suggestDescription(page(html));
    expect(made?.startsWith(`${one} ${two}`)).toBe(true);
    expect(made?.endsWith(".")).toBe(true);
    expect(
      resultOf(page(`<title>x</title><meta name=description content="${made}">`), "desktop", DEFAULT_LIMITS, null)
        .description.lost,
    ).toBe("");
    // A caption and a synopsis are no description; the text behind them is.
    const caption = "<p>Table 53.</p><p>Table 53-2. The characters that are special in patterns of the lamp</p>";
    const synopsis = "<p>lamp [ -f ] [ -o ] [ --wick size ] [ --oil kind ] file | keeper [ -v ] name.</p>";
    const text = "Dr. Stone keeps the lamp of the ship lit from dusk to dawn, every day of the year.";
    expect(suggestDescription(page(`${caption}${synopsis}<p>${text} See Table 5.</p>`))).toBe(text);
    expect(suggestDescription(page("<p>Too short.</p>"))).toBeNull();
    // A notice about cookies, an answer and half a quotation are passed over.
    const notice = "<p>We use cookies to remember what you like about our lamps.</p>";
    const answer =
      "<p>Yes, the lamp is lit from dusk to dawn every day.</p><p>“The lamp of the ship is lit at dusk.</p>";
    expect(suggestDescription(page(`${notice}${answer}<p>${text}</p>`))).toBe(text);
  });

  it.each([
    ["en", "Reaches 6.2 metres.", "The pole is made of three parts, which are carried in a bag."],
    ["en", "This guide is short.", "These knots are tied by hand, one after the other, on a rope."],
    ["es", "Estos nudos sirven.", "Se hacen a mano, uno después del otro, con una cuerda."],
    ["fr", "Cette lampe est vieille.", "Elle brûle de l’huile, chaque nuit, depuis cent ans."],
  ])("description (%s): a short first sentence counts, and is extended by the next", (lang, first, next) => {
    const menu = "<nav><p>Home is over there, as you know.</p></nav><footer><p>All of it is ours alone.</p></footer>";
    for (const body of [`<p>${first} ${next}</p>`, `<p>${first}</p><p>${next}</p>`]) {
      const read = page(`<html lang="${lang}"><title>x</title>${menu}<main><h1>Pole. It is one.</h1>${body}</main>`);
      expect(firstSentence(read)).toBe(first);
      expect(suggestDescription(read)).toBe(`${first} ${next}`);
    }
  });
});
