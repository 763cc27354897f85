import { readdirSync, readFileSync } from "node:fs";
import { expect, it } from "vitest";
import { contentHeadings, contentWords, wordsUnder } from "./body.ts";
import { originalFromBytes } from "./original-from-bytes.ts";
import type { Page } from "./page.ts";
import { readPage } from "./read.ts";

const read = (body: string) => readPage(`<html lang=en>${body}`, { address: "https://quay.example/a" });

/** Words of the content as its outline shows them: under each of its headings, and before the first. */
function wordsInOutline(page: Page): number {
  const words = wordsUnder(page);
  return [-1, ...Array.from(contentHeadings(page), ({ index }) => index)].reduce(
    (sum, i) => sum + (words.get(i) ?? 0),
    0,
  );
}

it("counts under headings the words that the page has altogether", () => {
  const page = read(
    "<nav><h2>Menu</h2><a href=/>Home page</a></nav><p>Before it.<h1>A lamp</h1><p>It is lit.<aside><h2>News</h2><p>A seal.</aside><p>It burns oil.<h2>Oil</h2><p>Six drops.<footer><p>Old Quay",
  );
  expect(contentWords(page)).toBe(2 + 2 + 3 + 3 + 1 + 2);
  expect(Array.from(page.headings, ({ text }, i) => [text, wordsUnder(page).get(i)])).toEqual([
    ["Menu", 3],
    ["A lamp", 8],
    ["News", 3],
    ["Oil", 3],
  ]);
  expect(wordsInOutline(page)).toBe(contentWords(page));
});

it("does so on every page of the demo", () => {
  const folder = new URL("../../demo/gullhaven/", import.meta.url);
  for (const file of readdirSync(folder, { recursive: true, encoding: "utf8" }).filter((name) =>
    name.endsWith(".html"),
  )) {
    const page = readPage(originalFromBytes(readFileSync(new URL(encodeURI(file), folder))), {
      address: "https://a.example/",
    });
    expect(wordsInOutline(page), file).toBe(contentWords(page));
  }
});
