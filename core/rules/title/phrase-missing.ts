import { titleOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { phraseIn, quote, titleRange } from "../texts.ts";

export const titlePhraseMissing = rule({
  id: "title/phrase-missing",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["titles", "language"],
  fromFacets: true,
  finds: "a title without the target phrase",
  counted: ["# title is without its target phrase", "# titles are without their target phrase"],
  why: "A searcher looks for the words that were typed. Other forms of the words count, and so do the words scattered over the title.",
  source: commonPractice(),
  check(page, report, { phrase }) {
    const title = titleOf(page);
    if (!phrase || title === "" || phraseIn(title, phrase, page).length > 0) return;
    report({
      message: `${quote(phrase)} is not in the title, in any form.`,
      at: { part: "title", range: titleRange(page) },
    });
  },
});
