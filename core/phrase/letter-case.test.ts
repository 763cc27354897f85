import { titleCase } from "title-case";
import { describe, expect, it } from "vitest";
import { inCase, properNames } from "./letter-case.ts";

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
    ["how to tie a bowline with one hand", "How to Tie a Bowline with One Hand", "How to Tie a Bowline With One Hand"],
    ["the lamp: a history from 1890", "The Lamp: A History from 1890", "The Lamp: A History From 1890"],
    ["what the keeper looked at", "What the Keeper Looked At", "What the Keeper Looked At"],
    ["visit the ship | opening times", "Visit the Ship | Opening Times", "Visit the Ship | Opening Times"],
  ])("%s", (text, inChicago, inAp) => {
    expect(chicago(text)).toBe(inChicago);
    expect(ap(text)).toBe(inAp);
  });

  it("is not capitalising every word of three letters or more (common practice, no source)", () => {
    expect(chicago("tea for two and the crew")).toBe("Tea for Two and the Crew");
  });

  it("sentence case keeps abbreviations and the page's proper names", () => {
    const names = properNames(["We moored at Gullhaven in 1890. The lamp of Gullhaven.", "Book a talk."], "en");
    expect([...names]).toEqual(["Gullhaven"]);
    expect(inCase("The Lamp Of Gullhaven And The BBC", "sentence", { language: "en", names })).toBe(
      "The lamp of Gullhaven and the BBC",
    );
    expect(inCase("VISIT GULLHAVEN NOW", "sentence", { language: "en", names })).toBe("Visit Gullhaven now");
  });

  it("doing it twice changes nothing", () => {
    const text = "how to get to gullhaven: by train, by boat – or on foot";
    for (const style of ["sentence", "chicago", "ap", "apa", "lower"] as const) {
      const once = inCase(text, style, { language: "en" });
      expect(inCase(once, style, { language: "en" })).toBe(once);
    }
  });
});
