import { descriptionOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { descriptionRange, phraseIn, quote } from "../texts.ts";

export const descriptionPhraseMissing = rule({
  id: "description/phrase-missing",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["metas", "language"],
  fromFacets: true,
  finds: "a description without the target phrase",
  counted: ["# description is without its target phrase", "# descriptions are without their target phrase"],
  why: "Results set the searched words in bold where they stand in the description. That draws the eye.",
  source: commonPractice(),
  check(page, report, { phrase }) {
    const text = descriptionOf(page);
    if (!phrase || text === "" || phraseIn(text, phrase, page).length > 0) return;
    report({
      message: `${quote(phrase)} is not in the description, in any form.`,
      at: { part: "description", range: descriptionRange(page) },
    });
  },
});
