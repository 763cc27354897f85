import { rule, standard } from "../rule.ts";

export const titleOutsideHead = rule({
  id: "title/outside-head",
  weight: "must",
  formats: ["html", "markdown", "fields"],
  sees: ["titles"],
  finds: "a title that the parser puts into the body",
  counted: ["# title stands outside the head", "# titles stand outside the head"],
  why: "Something before the title ends the head early, so that the title lands in the body. Browsers still find it; other programs do not.",
  source: standard("HTML Living Standard 4.2.2 and 13.2.6.4.4"),
  check(page, report) {
    for (const title of page.titles) {
      if (title.where !== "body") continue;
      report({
        message: "The title stands in the body: an element before it ends the head. Move the title up in the source.",
        at: { part: "title", range: title.range },
      });
    }
  },
});
