import { HtmlValidate } from "html-validate";
import { describe, expect, it } from "vitest";
import { audit, auditor } from "../audit/auditor.ts";
import { checkHouseStyle } from "../exchange/house-style-file.ts";
import { readPage } from "../page/read.ts";
import { applyToPage } from "../rewrite/apply.ts";
import { DEFAULT_HOUSE_STYLE } from "../settings/house-style.ts";

const context = { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-23" };
const found = (source: string, phrase: string | null = null, address = "https://a.example/page") =>
  audit(readPage(source, { address }), { ...context, phrase }).map((f) => f.rule);
const titled = (title: string) => found(`<title>${title}</title>`);

// Facts of the trade: common practice, no source.
describe("what practitioners hold", () => {
  it("from H2 to H4 is a jump, from H3 back to H2 is none", () => {
    expect(found("<h1>a</h1><h2>b</h2><h4>c</h4>")).toContain("heading/skipped-level");
    expect(found("<h1>a</h1><h2>b</h2><h3>c</h3><h2>d</h2>")).not.toContain("heading/skipped-level");
  });

  it("one H1 a page; menu items are none of it", () => {
    expect(found("<h1>a</h1><p>x<h1>b</h1>")).toContain("heading/several-h1");
    expect(found("<nav><h1>Menu</h1></nav><main><h2>a</h2></main>")).toContain("heading/no-h1");
    expect(found("<main><h1>a</h1></main><aside><h2>b</h2></aside>")).not.toContain("heading/no-h1");
  });

  it("three H1s in one line are one title in three parts", () => {
    const messages = audit(readPage("<h1>The</h1><h1>old</h1><h1>ship</h1><p>x", { address: "" }), context);
    expect(messages.find((f) => f.rule === "heading/several-h1")?.message).toContain("“The old ship”");
  });

  it("60 characters are advised for a title, 160 for a description", () => {
    expect(titled("i".repeat(60))).not.toContain("title/too-many-characters");
    expect(titled("i".repeat(61))).toContain("title/too-many-characters");
    expect(found(`<meta name=description content="${"i".repeat(161)}">`)).toContain("description/too-many-characters");
  });

  it("no spaces in a slug, and hyphens rather than underscores", () => {
    expect(found("x", null, "https://a.example/a%20b")).toContain("slug/spaces");
    expect(found("x", null, "https://a.example/a_b")).toContain("slug/underscores");
    expect(found("x", null, "https://a.example/a-b")).not.toContain("slug/spaces");
  });

  it.each(["{{title}}", "%page_title%", "undefined", "null | Brand", `$${"{name}"}`])(
    "%s is left over from a template",
    (title) => {
      expect(titled(title)).toContain("title/leftover-template");
    },
  );

  it.each(["100% wool", "The null hypothesis explained", "Undefinable beauty"])("%s is not", (title) => {
    expect(titled(title)).not.toContain("title/leftover-template");
  });

  it("a year that has passed is stale, this year and history are not", () => {
    expect(titled("Best walks 2024")).toContain("title/stale-year");
    expect(titled("Best walks 2026")).not.toContain("title/stale-year");
    expect(titled("The storm of 1953")).not.toContain("title/stale-year");
  });

  it("abbreviations are no shouting", () => {
    expect(titled("NHS and BBC: what they do")).not.toContain("title/shouting");
    expect(titled("AMAZING offers")).toContain("title/shouting");
  });
});

describe("language", () => {
  // BCP 47, RFC 5646 appendix A, examples of language tags.
  it.each([
    "de",
    "fr",
    "ja",
    "zh-Hant",
    "sr-Cyrl",
    "zh-cmn-Hans-CN",
    "sr-Latn-RS",
    "de-CH-1901",
    "es-419",
    "en-GB",
    "cy",
    "sgn",
  ])("%s is a tag", (tag) => {
    expect(found(`<html lang="${tag}">`)).not.toContain("head/language-invalid");
  });
  // Appendix A's invalid tags, and slips of practice.
  it.each(["de-419-DE", "a-DE", "en_GB", "english", "zz"])("%s is none", (tag) => {
    expect(found(`<html lang="${tag}">`)).toContain("head/language-invalid");
  });
});

// html-validate 10, run over the same sources: where it has the rule it must agree.
describe("html-validate agrees", () => {
  const rules = {
    "element-required-content": "error",
    "empty-heading": "error",
    "empty-title": "error",
    "missing-doctype": "error",
    "heading-level": ["error", { allowMultipleH1: false, minInitialRank: "any", sectioningRoots: [] }],
    "valid-lang": "off",
    "element-required-attributes": "off",
  } as const;
  const validator = new HtmlValidate({ root: true, rules: rules as never });
  it.each([
    ["empty-heading", "heading/empty", "<h1></h1>", true],
    ["empty-heading", "heading/empty", "<h1>a</h1>", false],
    ["empty-title", "title/missing", "<head><title></title></head>", true],
    ["empty-title", "title/missing", "<head><title>a</title></head>", false],
    ["missing-doctype", "head/doctype-missing", "<html></html>", true],
    ["missing-doctype", "head/doctype-missing", "<!DOCTYPE html><html></html>", false],
    ["heading-level", "heading/skipped-level", "<h1>a</h1><h3>b</h3>", true],
    ["heading-level", "heading/skipped-level", "<h1>a</h1><h2>b</h2>", false],
  ])("%s with %s on %s", (theirs, ours, source, expected) => {
    const report = validator.validateStringSync(source);
    expect(report.results.flatMap((r) => r.messages).some((m) => m.ruleId === theirs)).toBe(expected);
    expect(found(source).includes(ours)).toBe(expected);
  });
});

describe("an audit that remembers", () => {
  it("finds after an edit what an audit from nothing finds", () => {
    const page = readPage("<title>Home</title><meta name=description content=x><h1>a</h1><h3>b</h3>", {
      address: "https://a.example/p",
    });
    const run = auditor(context);
    run(page);
    for (const value of ["", "A boat", "W".repeat(80), "{{x}}"]) {
      const edited = applyToPage(page, [{ op: "set-title", value, was: "Home" }]).page;
      expect(run(edited)).toEqual(audit(edited, context));
    }
  });
});

describe("a house style", () => {
  it("changes thresholds and weights, and turns rules off", () => {
    const houseStyle = {
      ...DEFAULT_HOUSE_STYLE,
      rules: {
        "title/too-many-characters": { settings: { limit: 5 }, weight: "must" as const },
        "title/too-narrow": { on: false },
      },
    };
    const findings = audit(readPage("<title>A boat</title>", { address: "" }), { ...context, houseStyle });
    expect(findings.find((f) => f.rule === "title/too-many-characters")?.weight).toBe("must");
    expect(findings.some((f) => f.rule === "title/too-narrow")).toBe(false);
  });

  it("is checked, and its fault named", () => {
    expect(checkHouseStyle({ version: 1, rules: { "title/too-wide": { settings: { limitPx: 580 } } } })).toHaveProperty(
      "houseStyle",
    );
    expect(checkHouseStyle({ version: 1, rules: { "title/too-wde": {} } })).toEqual({
      reason: expect.stringContaining("title/too-wde"),
    });
    expect(checkHouseStyle({ version: 1, rules: { "title/too-wide": { settings: { limitPx: -1 } } } })).toHaveProperty(
      "reason",
    );
  });
});
