import { titleOf } from "../../page/page.ts";
import { leftoverIn } from "../leftover.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote, titleRange } from "../texts.ts";

export const titleLeftoverTemplate = rule({
  id: "title/leftover-template",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["titles"],
  fromFacets: true,
  finds: "leftover template text in the title",
  counted: ["# title has leftover template text", "# titles have leftover template text"],
  why: "A variable of the publishing system was not filled in, and searchers see its name.",
  source: commonPractice(),
  check(page, report) {
    const title = titleOf(page).slice(0, 2000);
    const words = leftoverIn(title);
    if (!words) return;
    report({
      message: `${quote(title.slice(words.start, words.end))} was left over from a template.`,
      at: { part: "title", words, range: titleRange(page) },
    });
  },
});
