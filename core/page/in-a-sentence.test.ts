import { expect, it } from "vitest";
import { inASentence } from "./in-a-sentence.ts";
import { markdownFromBytes } from "./original-from-bytes.ts";
import type { PageKind } from "./page-kind.ts";
import { readPage } from "./read.ts";

const address = "https://quay.example/here";
const told = (source: Parameters<typeof readPage>[0], kind: PageKind = "visit") =>
  `${inASentence(readPage(source, { address }), kind)
    .map(({ before, text }) => before + text)
    .join("")}.`;

it.each<[string, PageKind, string]>([
  [
    `<html lang=en-GB><link rel=canonical href=/here><h1>Quay</h1><p>Two words. <a href=/a>More</a> <a href=/b>still</a>`,
    "visit",
    "A visit page in British English: 5 words, 1 heading with one H1, 2 links, no picture, no structured data; it may be listed, and its canonical is itself.",
  ],
  [
    `<meta name=robots content=noindex><link rel=canonical href=/there><h2>a</h2><h2>b</h2><img src=i.png alt=""><script type=application/ld+json>{}</script>`,
    "article",
    "An article in no stated language: 2 words, 2 headings with no H1, no link, 1 picture, 1 block of JSON-LD; it may not be listed, and its canonical is another address.",
  ],
  [
    "<html lang=x-quay>",
    "other",
    "A page in x-quay: no word, no heading, no link, no picture, no structured data; it may be listed, and it has no canonical.",
  ],
])("tells a page in a sentence: %s", (source, kind, sentence) => {
  expect(told(source, kind)).toBe(sentence);
});

it("tells of Markdown what is in it", () => {
  const original = markdownFromBytes(new TextEncoder().encode("# Quay\n\nTwo words."));
  expect(told(original, "home")).toBe(
    "A home page in no stated language: 3 words, 1 heading with one H1, no link, no picture.",
  );
});
