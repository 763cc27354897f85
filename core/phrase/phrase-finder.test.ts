import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { phraseFinder } from "./phrase-finder.ts";

const english = { language: "en" };
const kinds = (phrases: readonly string[], text: string, language = "en") =>
  phraseFinder(phrases, { language })
    .find(text)
    .map(({ phrase, kind, start, end }) => [phrases[phrase], kind, text.slice(start, end)]);

describe("many phrases at once", () => {
  it("are found where one stands in another, or over its end", () => {
    expect(kinds(["fog signal", "signal station", "fog signal station", "fog"], "A fog signal station.")).toEqual([
      ["fog", "exact", "fog"],
      ["fog signal", "exact", "fog signal"],
      ["fog signal station", "exact", "fog signal station"],
      ["signal station", "exact", "signal station"],
    ]);
  });

  it("are told as written, in another form, or scattered over a sentence", () => {
    const phrases = ["hire of the wardroom", "how to tie a bowline", "opening times"];
    expect(kinds(phrases, "Hire the wardroom, and tie bowlines. The times at which we open differ.")).toEqual([
      ["hire of the wardroom", "form", "Hire the wardroom"],
      ["opening times", "scattered", "times at which we open"],
    ]);
    expect(kinds(phrases, "We show how to tie a bowline.")).toEqual([
      ["how to tie a bowline", "exact", "how to tie a bowline"],
    ]);
  });

  it("of stop words alone are found word by word", () => {
    expect(kinds(["to be or", "be"], "To be or not to be")).toEqual([
      ["be", "exact", "be"],
      ["to be or", "exact", "To be or"],
      ["be", "exact", "be"],
    ]);
  });

  it.each([
    [
      "en",
      "lighthouse keepers",
      "The keepers’ lighthouse keeper",
      [["lighthouse keepers", "form", "lighthouse keeper"]],
    ],
    ["en", "keeper's cottage", "A keeper’s cottage", [["keeper's cottage", "exact", "keeper’s cottage"]]],
    ["en", "ship-to-shore radio", "Ship to shore radios", [["ship-to-shore radio", "form", "Ship to shore radios"]]],
    ["en", "events 2026", "Event in 2026", [["events 2026", "form", "Event in 2026"]]],
    [
      "fr",
      "horaires d’ouverture",
      "Nos horaires d'ouverture",
      [["horaires d’ouverture", "exact", "horaires d'ouverture"]],
    ],
    ["de", "Führungen für Kinder", "Fuhrungen fur Kinder", [["Führungen für Kinder", "exact", "Fuhrungen fur Kinder"]]],
    ["ja", "灯台船", "港の灯台船の博物館", [["灯台船", "exact", "灯台船"]]],
    ["ar", "سفينة المنارة", "هذه سفينة المنارة القديمة", [["سفينة المنارة", "exact", "سفينة المنارة"]]],
  ])("are compared as the language has it (%s: %s)", (language, phrase, text, found) => {
    expect(kinds([phrase], text, language)).toEqual(found);
  });

  it("are none where there is no word in them", () => {
    expect(kinds(["", "?!", " … "], "?! anything …")).toEqual([]);
  });

  // What the automaton finds is held against looking for each phrase at every place, written as plainly as can be.
  it("are found as by looking at every place for each", () => {
    const word = fc.constantFrom("fog", "signal", "signals", "of", "the", "ship", "a");
    const some = (least: number, most: number) =>
      fc.array(word, { minLength: least, maxLength: most }).map((words) => words.join(" "));
    const plainly = (phrase: string, text: string) => {
      const stop = (one: string) => /^(?:of|the|a)$/.test(one);
      const stemOf = (one: string) => one.replace(/s$/, "");
      const words = text.split(" ");
      const wanted = phrase.split(" ");
      const content = wanted.filter((one) => !stop(one));
      const bearing = content.length > 0 ? content : wanted;
      const ends: number[] = [];
      for (let from = 0; from < words.length; from++) {
        if (content.length > 0 && stop(words[from] ?? "")) continue;
        let at = from;
        const fits = bearing.every((one, n) => {
          if (n > 0 && content.length > 0) while (at < words.length && stop(words[at] ?? "")) at++;
          return stemOf(words[at++] ?? "") === stemOf(one);
        });
        if (fits) ends.push(at);
      }
      return ends.length;
    };
    fc.assert(
      fc.property(fc.array(some(1, 4), { minLength: 1, maxLength: 6 }), some(0, 14), (phrases, text) => {
        const found = phraseFinder(phrases, english).find(text);
        for (const [n, phrase] of phrases.entries()) {
          const places = found.filter((one) => one.phrase === n && one.kind !== "scattered");
          const expected = text === "" ? 0 : plainly(phrase, text);
          expect(places.length > 0).toBe(expected > 0);
          expect(places.length).toBeLessThanOrEqual(expected);
          for (const [i, place] of places.entries()) {
            const alike = text.slice(place.start, place.end) === phrase;
            expect(place.kind === "exact").toBe(alike);
            expect(place.start).toBeGreaterThanOrEqual(places[i - 1]?.end ?? 0);
          }
        }
      }),
      { numRuns: 600 },
    );
  });
});
