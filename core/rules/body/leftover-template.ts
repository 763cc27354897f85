import { contentBlocks, isHeadingBlock } from "../../page/body.ts";
import type { Page, TextBlock } from "../../page/page.ts";
import { leftoverInText } from "../leftover.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

const CODE = /<(code|kbd|samp|tt|var|pre)\b[^>]*>[\s\S]*?<\/\1\s*>/gi;

/** Whether all that looks left over stands in a sample of code, which speaks of templates. */
function inCode({ source }: Page, { element, range }: TextBlock): boolean {
  const html = source.slice(element?.start ?? range.start, element?.end ?? range.end);
  return leftoverInText(html.replace(CODE, "").replaceAll("&lt;", "<")) === null;
}

export const bodyLeftoverTemplate = rule({
  id: "body/leftover-template",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["blocks", "headings", "source"],
  finds: "leftover template text in the body",
  counted: ["# page has leftover template text in its body", "# pages have leftover template text in their body"],
  why: "A variable of the publishing system was not filled in, or filler text was never replaced. Samples of code are passed over.",
  source: commonPractice(),
  check(page, report) {
    for (const { block, index } of contentBlocks(page)) {
      if (block.tag === "pre" || isHeadingBlock(page, index)) continue;
      const words = leftoverInText(block.text);
      if (!words || inCode(page, block)) continue;
      report({
        message: `${quote(block.text.slice(words.start, words.end))} was left over from a template.`,
        at: { part: "block", index: index, words, range: block.range },
      });
    }
  },
});
