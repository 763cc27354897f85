import { titleCase } from "title-case";
import { describe, expect, it } from "vitest";
import { inCase, inCaseWithin, type LetterCase, toCase } from "./letter-case.ts";
import { opensSentence } from "./sentence-start.ts";
import { writtenNames } from "./written-names.ts";

const chicago = (text: string) => inCase(text, "chicago", { language: "en" });
const ap = (text: string) => inCase(text, "ap", { language: "en" });

// The published examples of the title-case package (its README and tests), which keeps all prepositions small.
describe("against title-case's examples", () => {
  const examples = [
    "one two",
    "one two three",
    "Start a an and as at but by en for if in nor of on or per the to v vs via end",
    "we keep NASA capitalized",
    "your hair[cut] looks (nice)",
    "leave Q&A unscathed",
    "Scott Moritz and TheStreet.com’s million iPhone la-la land",
    "follow step-by-step instructions",
    "starting sub-phrase with a small word: a trick, perhaps?",
    "if it's all right",
    "the quick brown fox jumps over the lazy dog",
    "Notes and observations regarding Apple’s announcements from “The Beat Goes On” special event",
  ];
  /** Differences, each with its reason. */
  const explained: Record<string, string> = {
    "starting sub-phrase with a small word: a trick, perhaps?": "“sub” is a prefix, and no word of its own",
    "Start a an and as at but by en for if in nor of on or per the to v vs via end":
      "“en” and “if” are no small words of the Chicago rule",
    "Notes and observations regarding Apple’s announcements from “The Beat Goes On” special event":
      "“on” ends a quotation there",
  };
  it.each(examples)("%s", (text) => {
    if (explained[text]) expect(chicago(text)).not.toBe(titleCase(text));
    else expect(chicago(text)).toBe(titleCase(text));
  });
});

describe("capitals", () => {
  it.each([
    ["how to tie a bowline with one hand", "How to Tie a Bowline with One Hand", "How To Tie a Bowline With One Hand"],
    ["the lamp: a history from 1890", "The Lamp: A History from 1890", "The Lamp: A History From 1890"],
    ["what the keeper looked at", "What the Keeper Looked At", "What the Keeper Looked At"],
    ["visit the ship | opening times", "Visit the Ship | Opening Times", "Visit the Ship | Opening Times"],
  ])("%s", (text, inChicago, inAp) => {
    expect(chicago(text)).toBe(inChicago);
    expect(ap(text)).toBe(inAp);
  });

  // The Chicago Manual of Style (8.160 and 8.161) and the AP Stylebook (“composition titles”), from memory.
  it.each([
    ["the 1st boat of the 21st century", "The 1st Boat of the 21st Century", "The 1st Boat of the 21st Century"],
    ["how to get to gullhaven", "How to Get to Gullhaven", "How To Get to Gullhaven"],
    ["anti-inflammatory drugs by e-mail", "Anti-inflammatory Drugs by E-mail", "Anti-Inflammatory Drugs by E-Mail"],
    [
      "setting up the lamp and turning it off",
      "Setting Up the Lamp and Turning It Off",
      "Setting Up the Lamp and Turning It Off",
    ],
    ["look up a boat on the map", "Look Up a Boat on the Map", "Look Up a Boat on the Map"],
    ["step-by-step knots", "Step-by-Step Knots", "Step-by-Step Knots"],
  ])("follow each handbook: %s", (text, inChicago, inAp) => {
    expect([chicago(text), ap(text)]).toEqual([inChicago, inAp]);
  });

  it("of a title make no names of common words in sentence case, but may of a month", () => {
    expect(toCase("What You Can Do Here And There, Where I Am To Go In May", "sentence", { language: "en" })).toEqual({
      text: "What you can do here and there, where I am to go in May",
      unsure: ["May"],
      lowered: [],
    });
  });

  it("is not capitalising every word of three letters or more (common practice, no source)", () => {
    expect(chicago("tea for two and the crew")).toBe("Tea for Two and the Crew");
  });

  const gull = writtenNames(
    [
      "We moored at Gullhaven in 1890. The lamp of Gullhaven. Turn into Harrow Lane, and visit Jo Marsh by the marsh.",
      "Book a talk. We visit her now, opening on Thursdays.",
    ],
    "en",
  );

  it("sentence case keeps abbreviations and the page's proper names", () => {
    const sentence = (text: string) => inCase(text, "sentence", { language: "en", names: gull });
    expect(sentence("The Lamp Of Gullhaven And The BBC")).toBe("The lamp of Gullhaven and the BBC");
    expect(sentence("VISIT GULLHAVEN NOW")).toBe("Visit Gullhaven now");
    expect(sentence("A Talk On Harrow Lane")).toBe("A talk on Harrow Lane");
    expect(sentence("Visit Jo Marsh On Thursdays")).toBe("Visit Jo Marsh on Thursdays");
    expect(sentence("By The Marsh")).toBe("By the marsh");
    expect(sentence("Why I'm Here and I’d Visit")).toBe("Why I'm here and I’d visit");
  });

  it("leaves what stands behind a colon, and variables of templates, as they are written", () => {
    const names = writtenNames(["In The Mate, flour and water"], "en");
    const sentence = (text: string) => inCase(text, "sentence", { language: "en", names });
    expect(sentence("Biscuit for 2024: flour, Water")).toBe("Biscuit for 2024: flour, water");
    expect(sentence("Lamp kit – make your own – Now")).toBe("Lamp kit – make your own – Now");
    const cabin = writtenNames([], "en", ["The Mate’s Cabin"]);
    expect(inCase("A night in the mate’s cabin", "sentence", { language: "en", names: cabin })).toBe(
      "A night in the Mate’s Cabin",
    );
    expect(sentence("{{page_title}} in the cabin")).toBe("{{page_title}} in the cabin");
  });

  it("of a text in capitals are taken from all words but known names, and it is told which may be names", () => {
    expect(toCase("CARGO BIKE RENTAL", "sentence", { language: "en" })).toEqual({
      text: "Cargo bike rental",
      unsure: [],
      lowered: ["BIKE", "RENTAL"],
    });
    const names = writtenNames(["We went to Brookfield by bike."], "en");
    expect(toCase("A BIKE FOR BROOKFIELD", "sentence", { language: "en", names })).toEqual({
      text: "A bike for Brookfield",
      unsure: [],
      lowered: [],
    });
  });

  it("of German in capitals are put right only where every noun is known, ß among them", () => {
    const shouted = "VERLEIH VON LASTENRÄDERN IN DER GROSSEN STRASSE";
    expect(toCase(shouted, "sentence", { language: "de" })).toMatchObject({
      text: shouted,
      unsure: ["LASTENRÄDERN", "GROSSEN", "STRASSE"],
    });
    const names = writtenNames(["Mit Lastenrädern durch die großen Orte, auf jeder Straße."], "de");
    expect(toCase(shouted, "sentence", { language: "de", names })).toMatchObject({
      text: "Verleih von Lastenrädern in der großen Straße",
      unsure: [],
    });
  });

  it("keep what the house style says of names", () => {
    const names = writtenNames(["We saw the Harbour at noon."], "en", ["eBoats", "Old Quay"], ["Harbour"]);
    expect(toCase("The Harbour Of Old Quay By eBoats", "sentence", { language: "en", names })).toEqual({
      text: "The harbour of Old Quay by eBoats",
      unsure: [],
      lowered: [],
    });
  });

  it("leaves alone, and tells, what may be a name", () => {
    expect(toCase("The Lamp Of Penzance", "sentence", { language: "en", names: gull })).toEqual({
      text: "The lamp of Penzance",
      unsure: ["Penzance"],
      lowered: [],
    });
    expect(writtenNames([], "en", ["Jo Marsh", "Gull"]).phrases.get("jo marsh")).toBe("Jo Marsh");
  });

  it("“vs.” and initials open no sentence, a dash without spaces a subtitle only in titles", () => {
    const names = writtenNames(["the lamp and a horn, tea and cake, a history of one", "by j. marsh"], "en");
    const sentence = (text: string) => inCase(text, "sentence", { language: "en", names });
    expect(sentence("Lamp vs. Horn")).toBe("Lamp vs. horn");
    expect(chicago("lamp vs. the horn")).toBe("Lamp vs. the Horn");
    expect(sentence("Tea—And Cake")).toBe("Tea—and cake");
    expect(chicago("the lamp—a history")).toBe("The Lamp—A History");
    expect(opensSentence("Found by J. Marsh", 12)).toBe(false);
  });

  it("follows the language: Turkish i, Dutch ij, German nouns", () => {
    expect(inCase("istanbul ışığı", "sentence", { language: "tr" })).toBe("İstanbul ışığı");
    expect(inCase("GEMİ VE IŞIK", "sentence", { language: "tr" })).toBe("Gemi ve ışık");
    expect(inCase("ijsland en de zee", "sentence", { language: "nl" })).toBe("IJsland en de zee");
    const ships = writtenNames(["wij gaan naar IJsland met het ijs"], "nl");
    expect(inCase("Het Ijs Van IJsland", "sentence", { language: "nl", names: ships })).toBe("Het ijs van IJsland");
    const names = writtenNames(["Wir essen das Essen an Bord, und das Schiff fährt."], "de");
    expect(inCase("Das Essen An Bord Des Schiffs", "sentence", { language: "de", names })).toBe(
      "Das Essen an Bord des Schiffs",
    );
  });

  it("doing it twice changes nothing", () => {
    const text = "how to get to gullhaven: by train, by boat – or on foot";
    for (const style of ["sentence", "chicago", "ap", "apa", "lower"] as const) {
      const once = inCase(text, style, { language: "en" });
      expect(inCase(once, style, { language: "en" })).toBe(once);
    }
  });
});

it("a stretch is put into another case as it would be within the whole", () => {
  const within = (text: string, words: string, style: LetterCase) => {
    const start = text.indexOf(words);
    return inCaseWithin(text, { start, end: start + words.length }, style, { language: "en" });
  };
  expect(within("tea for two and the crew", "for two and", "chicago")).toBe("tea for Two and the crew");
  expect(within("Walking Down The quay", "Down The", "lower")).toBe("Walking down the quay");
  expect(within("walking down the quay", "walking", "ap")).toBe("Walking down the quay");
});
