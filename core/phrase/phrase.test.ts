import { describe, expect, it } from "vitest";
import { foldDiacritics, lowerCase } from "./fold.ts";
import { findPhrase } from "./match.ts";
import { stem } from "./stem.ts";
import fixture from "./stems.fixture.json";
import { wordsOf } from "./words.ts";

const words = (text: string, language = "en") => wordsOf(text, language).map((w) => w.text);

describe("stems", () => {
  // Snowball's own stemmer: the program stemwords of Debian's libstemmer-tools, run over 300 words a language.
  it.each(Object.entries(fixture.stems))("of %s agree with Snowball's stemwords", (language, stems) => {
    const different = Object.entries(stems).filter(
      ([word, expected]) => stem(word, language) !== foldDiacritics(lowerCase(expected, language)),
    );
    // The package implements an older release of the English and German algorithms; a few words differ.
    expect(different.length, JSON.stringify(different.slice(0, 20))).toBeLessThanOrEqual(3);
  });
});

describe("words", () => {
  // Unicode UAX #29, table 3 and its examples: apostrophes, decimal points and underscores join; hyphens and slashes part.
  it("follow UAX #29", () => {
    expect(words("The quick (“brown”) fox can’t jump 32.3 feet, right?")).toEqual([
      "The",
      "quick",
      "brown",
      "fox",
      "can’t",
      "jump",
      "32.3",
      "feet",
      "right",
    ]);
    expect(words("mother-in-law and/or snake_case")).toEqual(["mother", "in", "law", "and", "or", "snake_case"]);
  });

  it("part elided articles in French", () => {
    expect(words("L'ouverture de l’école", "fr")).toEqual(["L", "ouverture", "de", "l", "école"]);
  });

  it("part text that is written without spaces", () => {
    expect(words("灯台船の博物館", "ja").length).toBeGreaterThan(1);
  });
});

describe("a phrase", () => {
  const find = (phrase: string, text: string, language = "en") =>
    findPhrase(phrase, text, { language })[0]?.kind ?? null;

  it.each([
    ["opening times", "Museum opening times", "exact"],
    ["opening times", "Our Opening Times", "exact"],
    ["opening time", "Museum openings and times", "form"],
    ["hire of the wardroom", "Hire a wardroom", "form"],
    ["museum opening times", "Times when the museum opens", "scattered"],
    ["museum opening times", "The museum. It opens at all times.", null],
    ["café", "The cafe on board", "exact"],
    ["ship", "shipping forecast", "form"],
    ["", "anything", null],
    ["?!", "anything", null],
  ])("%j in %j matches %s", (phrase, text, kind) => {
    expect(find(phrase, text)).toBe(kind);
  });

  it("folds case as the language has it", () => {
    expect(find("ışık", "IŞIK gemisi", "tr")).toBe("exact");
  });
});
