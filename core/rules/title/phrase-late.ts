import { titleOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { phraseIn, quote, titleRange } from "../texts.ts";

export const titlePhraseLate = rule({
  id: "title/phrase-late",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["titles", "language"],
  fromFacets: true,
  finds: "a target phrase that begins in the second half of the title",
  counted: ["# title has its target phrase late", "# titles have their target phrase late"],
  why: "A hurried reader sees the first words of each result. What the page is about should stand there.",
  source: commonPractice(),
  check(page, report, { phrase }) {
    const title = titleOf(page);
    const first = phrase ? phraseIn(title, phrase, page)[0] : undefined;
    if (!first || first.start < title.length / 2) return;
    const { start, end, kind } = first;
    const how = kind === "exact" ? "" : kind === "form" ? ", in another form," : ", scattered,";
    report({
      message: `${quote(phrase ?? "")}${how} begins in the second half of the title.`,
      at: { part: "title", words: { start, end }, range: titleRange(page) },
    });
  },
});
