import { leftoverInText } from "../leftover.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

export const headingLeftoverTemplate = rule({
  id: "heading/leftover-template",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["headings"],
  finds: "leftover template text in a heading",
  counted: ["# page has leftover template text in a heading", "# pages have leftover template text in a heading"],
  why: "A variable of the publishing system was not filled in, and readers see its name.",
  source: commonPractice(),
  check(page, report) {
    for (const [index, { text, range }] of page.headings.entries()) {
      const words = leftoverInText(text);
      if (!words) continue;
      report({
        message: `${quote(text.slice(words.start, words.end))} was left over from a template.`,
        at: { part: "heading", index: index, words, range },
      });
    }
  },
});
