import { blockWords, contentBlocks, isHeadingBlock } from "../../page/body.ts";
import { languageOf, type TextBlock } from "../../page/page.ts";
import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

export const bodyLongStretchWithoutHeading = rule({
  id: "body/long-stretch-without-heading",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["blocks", "language", "headings"],
  finds: "a long stretch of text without a heading",
  counted: ["# page has a long stretch without a heading", "# pages have a long stretch without a heading"],
  why: "Readers scan. Two screens of a telephone without a heading give them nothing to hold on to. A story may well do without.",
  source: commonPractice("about 130 words a screen"),
  settings: { words: count(350, "After at most {words} words a heading follows.") },
  check(page, report, { settings }) {
    let stretch: { block: TextBlock; index: number }[] = [];
    let characters = 0;
    const blocks = contentBlocks(page);
    for (const [i, one] of blocks.entries()) {
      const heading = isHeadingBlock(page, one.index);
      if (!heading) {
        stretch.push(one);
        characters += one.block.text.length;
      }
      if (!heading && i < blocks.length - 1) continue;
      // A word has a character at least: most stretches need not be counted.
      const counts = characters > settings.words ? stretch : [];
      const words = counts.reduce((sum, { block }) => sum + blockWords(block, languageOf(page)), 0);
      const [first] = stretch;
      if (first && words > settings.words) {
        report({
          message: `About ${words} words stand without a heading, from ${quote(first.block.text, 40)} on.`,
          at: { part: "block", index: first.index, range: first.block.range },
        });
      }
      stretch = [];
      characters = 0;
    }
  },
});
