import { describe, expect, it } from "vitest";
import { auditRule } from "../../audit/auditor.ts";
import { EVERYONE } from "../../page/found-for.ts";
import { titleOf } from "../../page/page.ts";
import { readPage } from "../../page/read.ts";
import { applyToPage } from "../../rewrite/apply.ts";
import { DEFAULT_HOUSE_STYLE, type RuleStyle } from "../../settings/house-style.ts";

interface Given {
  phrase?: string;
  brand?: string;
  place?: string;
  style?: RuleStyle;
  today?: string;
}

const read = (source: string) =>
  readPage(source.startsWith("<") ? source : `<html lang=en><title>${source}</title>`, {
    address: "https://a.example/page",
  });

function findings(
  id: string,
  source: string,
  { phrase = "", brand = "", place, style, today = "2026-11-23" }: Given = {},
) {
  const audience = place ? ({ of: "place", name: place } as const) : EVERYONE;
  const houseStyle = { ...DEFAULT_HOUSE_STYLE, brand, rules: style ? { [id]: style } : {} };
  return auditRule(id, read(source), { phrase: phrase || null, audience, houseStyle, today });
}

/** The words that a finding stands at, as a reader sees them. */
function wordsOf(id: string, title: string, given?: Given): string | null {
  const words = findings(id, title, given)[0]?.at.words;
  return words ? title.slice(words.start, words.end) : null;
}

/** The title after the fix that is offered. */
function fixed(id: string, source: string, given?: Given): string | null {
  const [finding] = findings(id, source, given);
  return finding?.fix ? titleOf(applyToPage(read(source), finding.fix.edits).page) : null;
}

const LONG = "Opening times, prices and the last boat back to shore for visitors of the old ship";
const on = { on: true };

describe("a title rule finds what it is for, and nothing where that is not", () => {
  it.each<[string, string, string, Given?]>([
    ["title/missing", "<p>x", "<title>T</title>"],
    ["title/missing", "<title> </title>", "<title>T</title>"],
    ["title/several", "<title>a</title><title>b</title>", "<title>a</title><body><svg><title>b</title></svg>"],
    ["title/outside-head", "<body><p>x<title>T</title>", "<title>T</title><p>x"],
    ["title/too-wide", LONG, "Opening times and prices"],
    ["title/too-wide-mobile", LONG, "Opening times and prices"],
    ["title/too-narrow", "Lamp", "Opening times, prices and the last boat"],
    ["title/too-many-characters", LONG, "Opening times and prices"],
    ["title/phrase-missing", "The old ship", "Opening times of the ship", { phrase: "opening times" }],
    ["title/place-missing", "Ives, a saint", "Boats in Saint Ives", { place: "Saint Ives" }],
    [
      "title/phrase-late",
      "All that you want to know about our opening times",
      "Opening times, prices and the last boat",
      { phrase: "opening times" },
    ],
    ["title/phrase-repeated", "Opening times: all opening times", "Opening times", { phrase: "opening times" }],
    ["title/brand-missing", "The lamp", "The lamp | Quay", { brand: "Quay" }],
    ["title/brand-doubled", "The lamp | Quay | Quay", "The lamp | Quay", { brand: "Quay" }],
    ["title/default-words", "Home", "Home of the lightship"],
    ["title/default-words", "Page 2 | Quay", "The quay | Quay", { brand: "Quay" }],
    ["title/shouting", "WARDROOM HIRE for parties", "The BBC and the RNLI"],
    ["title/shouting", "A HARBOUR of lamps", "The MAX_LENGTH of CONTENT_TYPE in LICENSE.txt"],
    ["title/shouting", "The lamp is here!", "The lamp is here"],
    ["title/separators", "Lamp | Ship – Oil | Quay", "Lamp – Ship | Quay", { brand: "Quay" }],
    [
      "title/number-unlike-page",
      "<title>7 best knots</title><ol><li>a<li>b<li>c</ol>",
      "<title>3 best knots</title><ol><li>a<li>b<li>c</ol>",
    ],
    [
      "title/meta-title",
      '<meta name=title content="Other"><title>T</title>',
      '<meta name=title content="T"><title>T</title>',
    ],
    ["title/separators", "Lamp | Ship – Quay", "Lamp | Ship | Quay"],
    ["title/separators", "Lamp || Quay", "Lamp | Quay"],
    ["title/stale-year", "Prices 2024", "Prices 2026"],
    ["title/leftover-template", "{{ page.title }}", "Templates and how they work"],
    ["title/case", "How to Tie a Good Strong Bowline Knot", "How to tie a good strong bowline knot", { style: on }],
    [
      "title/case",
      "How to tie a good strong bowline knot",
      "How to Tie a Good Strong Bowline Knot",
      { style: { on: true, settings: { style: "title" } } },
    ],
  ])("%s: %s", (id, wrong, right, given) => {
    expect(findings(id, wrong, given).map((finding) => finding.rule)).toEqual([id]);
    expect(findings(id, right, given)).toEqual([]);
  });
});

describe("it stands at the exact words", () => {
  it.each<[string, string, string, Given?]>([
    ["title/stale-year", "Prices 2024 and more", "2024"],
    ["title/shouting", "The lamp!", "!"],
    [
      "title/phrase-late",
      "All that you want to know about our opening times",
      "opening times",
      { phrase: "opening times" },
    ],
    ["title/brand-doubled", "Quay lamp | Quay", "Quay", { brand: "Quay" }],
  ])("%s in “%s”: “%s”", (id, title, words, given) => {
    expect(wordsOf(id, title, given)).toBe(words);
  });

  it("a cut is where the lost words begin", () => {
    const [finding] = findings("title/too-wide", LONG);
    expect(finding?.message).toContain("loses");
    expect(LONG.slice(finding?.at.words?.start ?? 0)).toMatch(/^\s?(?:visitors|for|of|shore)/);
  });
});

describe("its fix settles it", () => {
  it.each<[string, string, string, Given?]>([
    ["title/brand-missing", "The lamp", "The lamp | Quay", { brand: "Quay" }],
    ["title/brand-doubled", "The lamp | Quay – Quay", "The lamp | Quay", { brand: "Quay" }],
    ["title/stale-year", "Prices 2024", "Prices 2026"],
    ["title/meta-title", '<meta name=title content="From the meta"><title></title>', "From the meta"],
    ["title/missing", "<h1>The ship</h1>", "The ship"],
  ])("%s: %s becomes %s", (id, wrong, right, given) => {
    expect(fixed(id, wrong, given)).toBe(right);
    const [finding] = findings(id, wrong, given);
    const settled = applyToPage(read(wrong), finding?.fix?.edits ?? []).page;
    const houseStyle = { ...DEFAULT_HOUSE_STYLE, brand: given?.brand ?? "" };
    expect(auditRule(id, settled, { phrase: null, houseStyle, today: "2026-11-23" })).toEqual([]);
  });

  it("a shorter title fits", () => {
    const shorter = fixed("title/too-wide", LONG);
    expect(shorter).not.toBe(null);
    expect(findings("title/too-wide", shorter ?? "")).toEqual([]);
  });
});

describe("the house style changes it", () => {
  it("off, another weight, another limit", () => {
    expect(findings("title/too-wide", LONG, { style: { on: false } })).toEqual([]);
    expect(findings("title/too-wide", LONG, { style: { weight: "must" } })[0]?.weight).toBe("must");
    expect(findings("title/too-wide", LONG, { style: { settings: { limitPx: 2000 } } })).toEqual([]);
    expect(findings("title/default-words", "Ahoy", { style: { settings: { words: ["ahoy"] } } })).toHaveLength(1);
  });

  it("a year is stale by the date it is looked at", () => {
    expect(findings("title/stale-year", "Prices 2026", { today: "2027-01-01" })).toHaveLength(1);
  });
});
