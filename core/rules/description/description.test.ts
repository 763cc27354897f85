import { describe, expect, it } from "vitest";
import { auditRule } from "../../audit/auditor.ts";
import { descriptionOf } from "../../page/page.ts";
import { readPage } from "../../page/read.ts";
import { applyToPage } from "../../rewrite/apply.ts";
import { DEFAULT_HOUSE_STYLE, type HouseStyle } from "../../settings/house-style.ts";

const read = (source: string) => {
  const written = source.replaceAll("&", "&amp;").replaceAll('"', "&quot;");
  return readPage(
    source.startsWith("<html")
      ? source
      : `<html lang=en><title>The ship</title><meta name=description content="${written}">`,
    { address: "https://a.example/page" },
  );
};
const findings = (id: string, source: string, phrase = "", style: Partial<HouseStyle> = {}) =>
  auditRule(id, read(source), {
    phrase: phrase || null,
    houseStyle: { ...DEFAULT_HOUSE_STYLE, ...style },
    today: "2026-11-23",
  });
const fixed = (id: string, source: string) => {
  const [finding] = findings(id, source);
  return finding?.fix ? descriptionOf(applyToPage(read(source), finding.fix.edits).page) : null;
};

const GOOD =
  "The lightship opens from April to October. Tickets, the last boat and how to get to the quay by train, on foot or by bus.";
const LONG = `${GOOD} ${GOOD}`;
const ONE_LONG_SENTENCE = `${GOOD.replaceAll(".", ",")} ${GOOD.replaceAll(".", ",")} and more.`;

describe("a description rule finds what it is for, and nothing where that is not", () => {
  it.each<[string, string, string, string?]>([
    ["description/missing", "<html><title>x</title>", GOOD],
    ["description/several", '<html><meta name=description content="a"><meta name=description content="b">', GOOD],
    ["description/too-wide", LONG, GOOD],
    ["description/too-wide-mobile", LONG, "The lightship opens from April to October. Tickets and the last boat."],
    ["description/too-narrow", "A ship.", GOOD],
    ["description/too-many-characters", LONG, GOOD],
    ["description/phrase-missing", GOOD, GOOD.replace("Tickets", "Opening times"), "opening times"],
    ["description/same-as-title", "The ship", GOOD],
    ["description/same-as-title", "the ship!", GOOD],
    ["description/cut-mid-sentence", ONE_LONG_SENTENCE, LONG],
    ["description/double-quotes", 'The "old" ship', "The “old” ship"],
    ["description/markup", "<b>Bold</b> words", "Less < more"],
    ["description/markup", "Fish &amp; chips", "Fish & chips"],
    ["description/leftover-template", "%excerpt%", "100% wool"],
    ["description/default-words", "Welcome to our site. Find out more.", GOOD],
    ["description/default-words", "Flower shop", GOOD],
    ["description/default-words", "Description: flowers", "Description of every flower in our shop"],
  ])("%s: %s", (id, wrong, right, phrase) => {
    expect(findings(id, wrong, phrase).map((finding) => finding.rule)).toEqual([id]);
    expect(findings(id, right, phrase)).toEqual([]);
  });

  it("names the words that are lost", () => {
    const [finding] = findings("description/too-wide", LONG);
    expect(finding?.at.words?.end).toBe(LONG.length);
    expect(LONG.slice(0, finding?.at.words?.start)).toContain("April to October");
  });
});

describe("its fix settles it", () => {
  it.each([
    ["description/double-quotes", 'The "old" ship', "The “old” ship"],
    ["description/markup", "<b>Bold</b> words &amp; more", "Bold words & more"],
  ])("%s: %s becomes %s", (id, wrong, right) => {
    expect(fixed(id, wrong)).toBe(right);
    expect(findings(id, right)).toEqual([]);
  });

  it("a missing one is made of the page's own first sentences, as many as fit", () => {
    const source = `<html lang=en><title>x</title><nav><p>Menu words that are long enough to look like a sentence, but are none.</p></nav><p>${GOOD}</p>`;
    const made = fixed("description/missing", source);
    expect(made).toBe(GOOD);
    expect(findings("description/too-wide", made ?? "")).toEqual([]);
  });
});

it("limits are the house style's", () => {
  expect(
    findings("description/too-wide", LONG, "", { rules: { "description/too-wide": { settings: { limitPx: 4000 } } } }),
  ).toEqual([]);
  expect(
    findings("description/default-words", "Ahoy there, friends of ships", "", {
      rules: { "description/default-words": { settings: { words: ["ahoy there"] } } },
    }),
  ).toHaveLength(1);
});
