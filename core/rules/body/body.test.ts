import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { auditRule } from "../../audit/auditor.ts";
import { type Audience, EVERYONE } from "../../page/found-for.ts";
import { readPage } from "../../page/read.ts";
import { readingEase, syllables } from "../../phrase/reading-ease.ts";
import { DEFAULT_HOUSE_STYLE, type HouseStyle } from "../../settings/house-style.ts";
import { isRightToLeft } from "./direction-missing.ts";

const findings = (id: string, body: string, phrase = "", rules: HouseStyle["rules"] = {}, audience = EVERYONE) =>
  auditRule(id, readPage(`<html lang=en><title>Lamp</title><body>${body}`, { address: "https://a.example/page" }), {
    phrase: phrase || null,
    audience,
    houseStyle: { ...DEFAULT_HOUSE_STYLE, rules },
    today: "2026-11-23",
  });
const words = (n: number, word = "word") => `${`${word} `.repeat(n)}.`;

describe("a rule about the body finds what it is for, and nothing where that is not", () => {
  it.each<[string, string, string, string?]>([
    // Common practice, no source: the phrase stands in the first 100 words.
    ["body/phrase-missing", "<p>About a ship", "<p>About fog signals", "fog signal"],
    ["body/phrase-not-early", `<p>${words(100)} fog signal`, `<p>The fog signal ${words(100)}`, "fog signal"],
    [
      "body/phrase-dense",
      `<p>${words(40)} ${words(6, "fog signal")}`,
      `<p>${words(200)} ${words(4, "fog signal")}`,
      "fog signal",
    ],
    ["body/long-paragraph", `<p>${words(260, "lantern")}`, `<p>${words(60, "lantern")}`],
    [
      "body/long-stretch-without-heading",
      `<p>${words(200)}<p>${words(200)}`,
      `<p>${words(200)}<h2>Lamp</h2><p>${words(200)}`,
    ],
  ])("%s", (id, wrong, right, phrase) => {
    expect(findings(id, wrong, phrase).map((finding) => finding.rule)).toEqual([id]);
    expect(findings(id, right, phrase)).toEqual([]);
  });

  it("menus, sidebars and footers are no part of it", () => {
    const around = `<nav>${words(400)}</nav><aside>fog signal</aside><footer>fog signal</footer>`;
    const [few] = findings("body/few-words", `${around}<p>${words(10)}`, "", { "body/few-words": { on: true } });
    expect(few?.message).toBe("The content has 11 words.");
    expect(findings("body/phrase-missing", `${around}<p>x`, "fog signal")).toHaveLength(1);
  });

  it("expects the name of the place that a page is for, and of no country", () => {
    const name = (of: Audience["of"]) => ({ of, name: "Saint Ives" });
    const messages = (content: string, audience: Audience) =>
      findings("body/place-missing", content, "", {}, audience).map(({ message }) => message);
    const missing = ["The page is for Saint Ives, and its text does not say so."];
    expect(messages("<p>A saint is ill, says Ives.", name("place"))).toEqual(missing);
    expect(messages("<nav>Saint Ives</nav><p>A boat.", name("place"))).toEqual(missing);
    expect(messages("<p>A boat in Saint Ives.", name("place"))).toEqual([]);
    expect(messages("<p>A boat.", name("country"))).toEqual([]);
  });

  it("what is off is found only where a house style turns it on", () => {
    const on = { on: true };
    const body = `<p>${words(40, "Incomprehensibility notwithstanding")}`;
    expect(findings("body/reading-ease", body)).toEqual([]);
    expect(findings("body/reading-ease", body, "", { "body/reading-ease": on })).toHaveLength(1);
    // By hand: four sentences of 30 words, and one of 31.
    const long = `<p>${`It ${"goes on ".repeat(14)}still. `.repeat(4)}<p>It ${"goes on ".repeat(14)}still so.`;
    expect(findings("body/long-sentences", long)).toEqual([]);
    const [sentences] = findings("body/long-sentences", long, "", { "body/long-sentences": on });
    expect(sentences?.message).toMatch(/^A sentence has 30 words on average; the longest, “It goes .+”, has 31\.$/);
    expect(findings("body/long-sentences", "<p>It is lit. ".repeat(9), "", { "body/long-sentences": on })).toEqual([]);
    // Common practice, no source: a page under 300 words is thin for many.
    const thin = (n: number) => findings("body/few-words", `<p>${words(n)}`, "", { "body/few-words": on });
    expect([thin(250).length, thin(300).length]).toEqual([1, 0]);
    const [standards] = findings("body/writers-standards", "<p>x<ul><li>a</ul>", "", { "body/writers-standards": on });
    expect(standards?.message).toBe("The page has 2 words of 800, 0 pictures of 1.");
  });
});

describe("reading ease", () => {
  it.each([
    ["lamp", 1],
    ["signal", 2],
    ["the", 1],
    ["lightship", 2],
    ["opening", 3],
    ["moored", 1],
    ["museum", 2],
  ])("%s has %i syllables", (word, n) => {
    expect(syllables(word)).toBe(n);
  });

  // Flesch 1948: texts of one-syllable words in short sentences stand above 100, his formula's top for “very easy”.
  it("follows the formula", () => {
    const ease = readingEase("The cat sat on the mat. ".repeat(6));
    expect(ease).toMatchObject({ wordsPerSentence: 6, syllablesPer100: 100 });
    expect(ease?.score).toBeCloseTo(206.835 - 84.6 - 6.09, 5);
    expect(readingEase("Too few words to tell.")).toBeNull();
  });
});

it("knows text from right to left as a count of all its letters does", () => {
  const count = (text: string, pattern: RegExp) => text.match(pattern)?.length ?? 0;
  const scripts = /[\p{Script=Arabic}\p{Script=Hebrew}\p{Script=Syriac}\p{Script=Thaana}\p{Script=Nko}]/gu;
  const expected = (text: string) => {
    const right = count(text, scripts);
    return right >= 3 && right * 2 >= count(text, /\p{L}/gu);
  };
  // Every character of those scripts, and any text.
  for (let point = 0; point < 0x20000; point++) {
    const char = String.fromCodePoint(point);
    if (scripts.test(char)) expect([point, isRightToLeft(char.repeat(3))]).toEqual([point, expected(char.repeat(3))]);
    scripts.lastIndex = 0;
  }
  const some = fc.string({ unit: fc.constantFrom(..."שלום مرحبا ab 12 —") });
  fc.assert(
    fc.property(fc.oneof(some, fc.string({ unit: "binary" })), (text) => isRightToLeft(text) === expected(text)),
    {
      numRuns: 2_000,
    },
  );
});
