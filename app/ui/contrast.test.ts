import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";

const css = readFileSync(new URL("../app.css", import.meta.url), "utf8");

/** The tokens of one theme, as the style sheet has them. */
const tokens = (dark: boolean) =>
  new Map(
    [...css.matchAll(/--([\w-]+): light-dark\((#\w{6}), (#\w{6})\)/g)].map(([, name, light, night]) => [
      name,
      (dark ? night : light) ?? "",
    ]),
  );

/** Relative luminance of a colour, as WCAG 2.2 defines it (https://www.w3.org/TR/WCAG22/#dfn-relative-luminance). */
function luminance(colour: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const part = Number.parseInt(colour.slice(at, at + 2), 16) / 255;
    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** Contrast ratio, as WCAG 2.2 defines it (https://www.w3.org/TR/WCAG22/#dfn-contrast-ratio). */
function contrast(one: string, other: string): number {
  const [light = 0, dark = 0] = [luminance(one), luminance(other)].sort((a, b) => b - a);
  return (light + 0.05) / (dark + 0.05);
}

const GROUNDS = ["paper", "sheet", "tint", "marker"];
const TEXTS = ["ink", "ink-soft", "blue", "red", "graphite", "result-title", "result-text"];
const EDGES = ["edge"];
/** Decoration, which nobody has to see. */
const DECORATION = ["hairline"];

it("contrast is reckoned as WCAG has it: black on white is 21 to 1, #767676 on white the grey that just suffices", () => {
  expect(contrast("#000000", "#ffffff")).toBe(21);
  // WCAG's technique G18 has the formula; that #767676 is the lightest grey that passes is common practice, no source.
  expect(contrast("#767676", "#ffffff")).toBeGreaterThan(4.5);
  expect(contrast("#777777", "#ffffff")).toBeLessThan(4.5);
});

describe.each([false, true])("dark: %s", (dark) => {
  const all = tokens(dark);
  const colour = (name: string) => all.get(name) ?? `no token ${name}`;

  it("every token is a ground, a text, an edge or decoration", () => {
    expect([...all.keys()].toSorted()).toEqual([...GROUNDS, ...TEXTS, ...EDGES, ...DECORATION].toSorted());
  });

  it.each(GROUNDS.flatMap((ground) => TEXTS.map((text) => [text, ground])))("%s can be read on %s", (text, ground) => {
    expect(contrast(colour(text), colour(ground))).toBeGreaterThanOrEqual(4.5);
  });

  it.each(GROUNDS.flatMap((ground) => EDGES.map((edge) => [edge, ground])))("%s can be seen on %s", (edge, ground) => {
    expect(contrast(colour(edge), colour(ground))).toBeGreaterThanOrEqual(3);
  });

  it.each(["ink", "red", "blue"])("words of the sheet's colour can be read on %s, as on a button", (ground) => {
    expect(contrast(colour("sheet"), colour(ground))).toBeGreaterThanOrEqual(4.5);
  });
});

it("nothing is made paler than its token", () => {
  const root = new URL("../", import.meta.url);
  const paler = readdirSync(root, { recursive: true, encoding: "utf8" })
    .filter((file) => file.endsWith(".tsx"))
    // What cannot be pressed, is being dragged or appears when it is pointed at may be.
    .filter((file) =>
      /(?<!disabled:|isDragging \? "|--)(?<=[" ])opacity-[2-8]0/.test(readFileSync(new URL(file, root), "utf8")),
    );
  expect(paler).toEqual(["result/parts-drawn.tsx"]);
});

describe("a style names no colour that there is not", () => {
  const root = new URL("../", import.meta.url);
  const sources = readdirSync(root, { recursive: true, encoding: "utf8" })
    .filter((file) => /\.(?:tsx?|css)$/.test(file) && !file.endsWith(".test.ts"))
    .map((file) => readFileSync(new URL(file, root), "utf8"));

  it("by a token", () => {
    const named = sources.flatMap((source) =>
      [...source.matchAll(/var\(--([a-z-]+)\)/g)].map(([, name]) => name ?? ""),
    );
    expect([...new Set(named)].filter((name) => !tokens(false).has(name) && !name.startsWith("radix-"))).toEqual([]);
  });

  it("by a class of Tailwind's own colours, which are taken out: it would do nothing", () => {
    const own =
      /(?<=[" ])(?:[a-z-]+:)*(?:bg|text|border|outline|decoration|accent|fill|stroke)-(?:black|white|[a-z]+-\d{2,3})\b/g;
    expect(sources.flatMap((source) => source.match(own) ?? [])).toEqual([]);
  });
});
