import { contentBlocks, firstWords } from "../../page/body.ts";
import { commonPractice, rule } from "../rule.ts";
import { count } from "../setting.ts";
import { phraseIn, quote } from "../texts.ts";

export const bodyPhraseNotEarly = rule({
  id: "body/phrase-not-early",
  weight: "should",
  sees: ["blocks", "headings", "language"],
  finds: "a target phrase that does not stand among the first words",
  why: "Whoever comes from a search wants to see in the first lines that this is the right place.",
  source: commonPractice(),
  settings: { words: count(100, "words", "The target phrase stands in the first {words} words.") },
  *check(page, { phrase, settings }) {
    if (!phrase || phraseIn(firstWords(page, settings.words), phrase, page).length > 0) return;
    const at = contentBlocks(page).find(({ block }) => phraseIn(block.text, phrase, page).length > 0);
    // Where it is nowhere, that is said by another rule.
    if (!at) return;
    yield {
      message: `${quote(phrase)} does not stand in the first ${settings.words} words.`,
      at: { part: "block", block: at.index, range: at.block.range },
    };
  },
});
