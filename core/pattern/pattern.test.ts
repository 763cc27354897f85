import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { markdownFromBytes } from "../page/original-from-bytes.ts";
import { readPage } from "../page/read.ts";
import { applyPattern, parsePattern } from "./pattern.ts";
import type { PatternContext } from "./variables.ts";

const address = "https://www.gullhaven.example/ship-and-crew/lamp";
const html = `<html lang=en><title>The lamp | Gullhaven</title><h1>The lamp room</h1><p>The lamp was lit every night of the year. It is still lit.</p>
<script type="application/ld+json">{"@type":"Product","name":"Lamp kit","offers":{"price":"24.00","priceCurrency":"GBP"},"author":{"name":"Wren Achterberg"}}</script>`;
const context = (source = html, today = "2026-11-23"): PatternContext => ({
  page: readPage(source, { address }),
  houseStyle: { brand: "Gullhaven", separator: " | " },
  today,
});
const made = (pattern: string, from = context()) => applyPattern(pattern, from);

describe("variables", () => {
  it.each([
    ["{page heading}{separator}{site name}", "The lamp room | Gullhaven"],
    ["{title} in {year}", "The lamp in 2026"],
    ["{Section}: {first sentence}", "Ship and crew: The lamp was lit every night of the year."],
    ["{page heading}, {price}", "The lamp room, £24.00"],
    ["by {author}, {month}", "by Wren Achterberg, November"],
    ["{name} for {offers.priceCurrency}", "Lamp kit for GBP"],
    ["{{braces}} {year}", "{braces} 2026"],
  ])("%s", (pattern, text) => {
    expect(made(pattern)).toEqual({ text });
  });

  it("come from front matter too, and a month in the page's language", () => {
    const source = "---\ntitle: Fumée\nlang: fr\nauthor: Wren\nprice: 3.50\n---\n\nDu texte.\n";
    const page = readPage(markdownFromBytes(new TextEncoder().encode(source)), { address });
    expect(made("{page heading}, {month}, {author}, {price}", { ...context(), page })).toEqual({
      text: "Fumée, novembre, Wren, 3.50",
    });
  });

  it("move on with the year", () => {
    expect(made("Prices {year}", context(html, "2027-01-01"))).toEqual({ text: "Prices 2027" });
  });
});

describe("a missing value drops its separator", () => {
  it.each([
    ["{page heading}{separator}{category}{separator}{site name}", "The lamp room | Gullhaven"],
    ["{category}{separator}{site name}", "Gullhaven"],
    ["{category}: {page heading}", "The lamp room"],
    ["{page heading} in {category}", "The lamp room"],
    ["{page heading} – {category}", "The lamp room"],
  ])("%s", (pattern, text) => {
    expect(made(pattern)).toEqual({ text });
  });

  it("and says what is missing where nothing is left", () => {
    expect(made("{category}")).toEqual({ reason: "This page has no category." });
  });

  it("never leaves separators at an end or side by side", () => {
    const name = fc.constantFrom("{page heading}", "{category}", "{nothing}", "{year}", "{site name}");
    fc.assert(
      fc.property(fc.array(name, { minLength: 1, maxLength: 6 }), (names) => {
        const result = made(names.join("{separator}"));
        if ("text" in result) expect(result.text).not.toMatch(/^\s*\||\|\s*\||\|\s*$/);
      }),
    );
  });
});

it.each(["{page heading", "a } b", "{}", "{a{b}"])("says what is wrong with %s", (pattern) => {
  expect(parsePattern(pattern)).toHaveProperty("reason");
});
