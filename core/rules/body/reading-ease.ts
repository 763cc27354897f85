import { contentBlocks, isHeadingBlock } from "../../page/body.ts";
import { languageOf } from "../../page/page.ts";
import { readingEase } from "../../phrase/reading-ease.ts";
import { count } from "../../settings/setting.ts";
import { rule } from "../rule.ts";

export const bodyReadingEase = rule({
  id: "body/reading-ease",
  weight: "may",
  off: true,
  formats: ["html", "markdown"],
  sees: ["blocks", "language", "headings"],
  finds: "an English text that is hard to read by Flesch's formula",
  counted: ["# page is hard to read", "# pages are hard to read"],
  why: "Short words and short sentences are read faster. The formula knows nothing of sense: it is off by default and meant for English alone.",
  source: { kind: "standard", text: "Flesch 1948, A new readability yardstick: 206.835 − 0.846 wl − 1.015 sl" },
  settings: { least: count(60, "Texts have a reading ease of at least {least}.") },
  check(page, report, { settings }) {
    if (!/^en\b/i.test(languageOf(page))) return;
    const text = contentBlocks(page)
      .filter(({ index }) => !isHeadingBlock(page, index))
      .map(({ block }) => block.text)
      .join("\n");
    const ease = readingEase(text);
    if (ease === null || ease.score >= settings.least) return;
    report({
      message: `The reading ease is ${Math.round(ease.score)}: ${ease.wordsPerSentence.toFixed(1)} words a sentence, ${ease.syllablesPer100.toFixed(0)} syllables in 100 words.`,
      at: { part: "markup" },
    });
  },
});
