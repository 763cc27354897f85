import { positionOf } from "../../page/page.ts";
import { rule, standard } from "../rule.ts";
import { counted } from "../texts.ts";

export const markupUnclosed = rule({
  id: "markup/unclosed",
  weight: "should",
  formats: ["html"],
  sees: ["repeated", "source"],
  finds: "an element of the text that is never closed, so that browsers make it again behind it",
  counted: ["# page has an element that is never closed", "# pages have an element that is never closed"],
  why: "The parser opens it anew in every block that follows: links and bold type run on, and its id stands on the page many times.",
  source: standard("HTML Living Standard 13.2.4.3 (the list of active formatting elements)"),
  check(page, report) {
    for (const { tag, times, range } of page.repeated) {
      const { line, column } = positionOf(page.source, range.start);
      report({
        message: `The ${tag} element that begins in line ${line}, column ${column} is not closed where it should be; browsers make it again ${counted(times, "time")} behind it.`,
        at: { part: "markup", range },
      });
    }
  },
});
