import { descriptionOf } from "../../page/page.ts";
import { leftoverIn } from "../leftover.ts";
import { commonPractice, rule } from "../rule.ts";
import { descriptionRange, quote } from "../texts.ts";

export const descriptionLeftoverTemplate = rule({
  id: "description/leftover-template",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["metas"],
  fromFacets: true,
  finds: "leftover template text in the description",
  counted: ["# description has leftover template text", "# descriptions have leftover template text"],
  why: "A variable of the publishing system was not filled in, and searchers see its name.",
  source: commonPractice(),
  check(page, report) {
    const text = descriptionOf(page).slice(0, 4000);
    const words = leftoverIn(text);
    if (!words) return;
    report({
      message: `${quote(text.slice(words.start, words.end))} was left over from a template.`,
      at: { part: "description", words, range: descriptionRange(page) },
    });
  },
});
