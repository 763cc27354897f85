import { widthAtMost, widthOf } from "../../measure/width.ts";
import { contentBlocks, isHeadingBlock } from "../../page/body.ts";
import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted, quote } from "../texts.ts";

/** A telephone's screen of 390 × 700 px, with 20 px beside the text, set in 17 px on lines of 26 px. */
const LINE = 350;
const SCREEN_LINES = Math.floor(700 / 26);
const STYLE = { family: "roboto" as const, size: 17 };

/** Lines that a text takes on a telephone. */
export const linesOf = (text: string) => Math.ceil(widthOf(text, STYLE) / LINE);

export const bodyLongParagraph = rule({
  id: "body/long-paragraph",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["blocks", "headings"],
  finds: "a paragraph taller than a telephone's screen",
  counted: [
    "# page has a paragraph taller than a telephone’s screen",
    "# pages have a paragraph taller than a telephone’s screen",
  ],
  why: "On a telephone such a paragraph has neither beginning nor end. Most can be parted where the thought turns.",
  source: commonPractice("a screen of 390 × 700 px, set in 17 px"),
  settings: { lines: count(SCREEN_LINES, "A paragraph takes at most {lines} lines on a telephone.") },
  check(page, report, { settings }) {
    for (const { block, index } of contentBlocks(page)) {
      // Fewer characters than this cannot fill a screen.
      if (block.text.length < settings.lines * 25 || isHeadingBlock(page, index)) continue;
      // What is set line by line, such as a program, has no paragraphs.
      if (block.tag === "pre") continue;
      if (widthAtMost(block.text, STYLE) <= settings.lines * LINE) continue;
      const lines = linesOf(block.text);
      if (lines <= settings.lines) continue;
      report({
        message: `${quote(block.text, 40)} takes about ${counted(lines, "line")} on a telephone, more than a screen.`,
        at: { part: "block", index: index, range: block.range },
      });
    }
  },
});
