import { leftoverInText } from "../leftover.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

export const imageLeftoverTemplate = rule({
  id: "image/leftover-template",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["images"],
  finds: "leftover template text in an alternative text",
  counted: [
    "# page has leftover template text in an alternative text",
    "# pages have leftover template text in an alternative text",
  ],
  why: "A variable of the publishing system was not filled in, and listeners hear its name.",
  source: commonPractice(),
  check(page, report) {
    for (const [index, { alt, range }] of page.images.entries()) {
      const words = alt ? leftoverInText(alt) : null;
      if (!alt || !words) continue;
      report({
        message: `${quote(alt.slice(words.start, words.end))} was left over from a template.`,
        at: { part: "picture", index: index, range },
      });
    }
  },
});
