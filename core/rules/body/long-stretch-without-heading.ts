import { blockWords, contentBlocks, isHeadingBlock } from "../../page/body.ts";
import { languageOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { count } from "../setting.ts";
import { quote } from "../texts.ts";

export const bodyLongStretchWithoutHeading = rule({
  id: "body/long-stretch-without-heading",
  weight: "may",
  sees: ["blocks", "language"],
  finds: "a long stretch of text without a heading",
  why: "Readers scan. Two screens of a telephone without a heading give them nothing to hold on to. A story may well do without.",
  source: commonPractice("about 130 words a screen"),
  settings: { words: count(350, "words", "After at most {words} words a heading follows.") },
  *check(page, { settings }) {
    let words = 0;
    let first = -1;
    const blocks = contentBlocks(page);
    for (const [i, { block, index }] of blocks.entries()) {
      const heading = isHeadingBlock(page, index);
      if (!heading) {
        if (first < 0) first = index;
        words += blockWords(block, languageOf(page));
      }
      if (!heading && i < blocks.length - 1) continue;
      if (words > settings.words) {
        yield {
          message: `About ${words} words stand without a heading, from ${quote(page.blocks[first]?.text ?? "", 40)} on.`,
          at: { part: "block", block: first, range: page.blocks[first]?.range ?? null },
        };
      }
      words = 0;
      first = -1;
    }
  },
});
