import { contentBlocks, isHeadingBlock } from "../../page/body.ts";
import { languageOf } from "../../page/page.ts";
import { isStatement, sentencesOf } from "../../phrase/sentences.ts";
import { wordsOf } from "../../phrase/words.ts";
import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

/** Sentences from which on an average says something. */
const FEWEST = 4;

export const bodyLongSentences = rule({
  id: "body/long-sentences",
  weight: "may",
  off: true,
  formats: ["html", "markdown"],
  sees: ["blocks", "language", "headings"],
  finds: "sentences that are long on average",
  counted: ["# page has long sentences", "# pages have long sentences"],
  why: "A long sentence is read twice, or not at all. Some texts need them, and languages differ: off by default.",
  source: commonPractice(),
  settings: { most: count(22, "Sentences have {most} words on average at most.") },
  check(page, report, { settings }) {
    const language = languageOf(page);
    let [sentences, words] = [0, 0];
    let longest = { words: 0, text: "", index: -1 };
    for (const { block, index } of contentBlocks(page)) {
      if (isHeadingBlock(page, index)) continue;
      for (const text of sentencesOf(block.text, language)) {
        if (!isStatement(text)) continue;
        const own = wordsOf(text, language).length;
        sentences++;
        words += own;
        if (own > longest.words) longest = { words: own, text: text.trim(), index };
      }
    }
    if (sentences < FEWEST || words / sentences <= settings.most) return;
    const range = page.blocks[longest.index]?.range;
    report({
      message: `A sentence has ${Math.round(words / sentences)} words on average; the longest, ${quote(longest.text, 60)}, has ${longest.words}.`,
      at: range ? { part: "block", index: longest.index, range } : { part: "markup" },
    });
  },
});
