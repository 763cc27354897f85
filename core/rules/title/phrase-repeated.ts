import { titleOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted, phraseIn, quote, titleRange } from "../texts.ts";

export const titlePhraseRepeated = rule({
  id: "title/phrase-repeated",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["titles", "language"],
  fromFacets: true,
  finds: "a target phrase that stands more than once in the title",
  counted: ["# title repeats its target phrase", "# titles repeat their target phrase"],
  why: "Said twice it takes room from what would make somebody click, and looks like stuffing.",
  source: commonPractice(),
  check(page, report, { phrase }) {
    const places = phrase ? phraseIn(titleOf(page), phrase, page).filter((m) => m.kind !== "scattered") : [];
    const second = places[1];
    if (!second) return;
    report({
      message: `${quote(phrase ?? "")} stands ${counted(places.length, "time")} in the title.`,
      at: { part: "title", words: { start: second.start, end: second.end }, range: titleRange(page) },
    });
  },
});
