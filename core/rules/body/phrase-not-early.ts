import { h1Block, wordsBefore } from "../../page/body.ts";
import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { phraseInBody, quote } from "../texts.ts";

export const bodyPhraseNotEarly = rule({
  id: "body/phrase-not-early",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["blocks", "headings", "language"],
  finds: "a target phrase that does not stand among the first words",
  counted: ["# page has its target phrase late", "# pages have their target phrase late"],
  why: "Whoever comes from a search wants to see in the first lines that this is the right place.",
  source: commonPractice(),
  settings: { words: count(100, "The target phrase stands in the first {words} words.") },
  check(page, report, { phrase, settings }) {
    if (!phrase) return;
    const h1 = h1Block(page);
    const found = phraseInBody(page, phrase);
    const at = found.find(({ index }) => index !== h1) ?? found[0];
    // Where it is nowhere, that is said by another rule.
    if (!at) return;
    const before = wordsBefore(page, at.index) + at.block.text.slice(0, at.match.start).split(" ").length;
    if (at.index !== h1 && before <= settings.words) return;
    report({
      message: `${quote(phrase)} does not stand in the first ${settings.words} words.`,
      at: { part: "block", index: at.index, range: at.block.range },
    });
  },
});
