import { contentHeadings } from "../../page/body.ts";
import { commonPractice, rule } from "../rule.ts";
import { phraseIn, quote } from "../texts.ts";

export const headingPhraseMissingH2 = rule({
  id: "heading/phrase-missing-h2",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["headings", "language"],
  finds: "a page whose target phrase, or a supporting one, stands in no H2, or in none before the third",
  counted: ["# page has its target phrase in no early H2", "# pages have their target phrase in no early H2"],
  why: "Main parts that speak of the subject tell a reader who scans that the page keeps its promise.",
  source: commonPractice(),
  check(page, report, { phrase, supporting = [] }) {
    if (!phrase) return;
    const h2s = contentHeadings(page).filter(({ heading }) => heading.level === 2 && heading.text !== "");
    const first = h2s[0];
    if (!first) return;
    const at = h2s.findIndex(({ heading }) =>
      [phrase, ...supporting].some((one) => phraseIn(heading.text, one, page).length > 0),
    );
    if (at >= 0 && at < 2) return;
    const place = at < 0 ? first : h2s[at];
    if (!place) return;
    const message =
      at < 0
        ? `No H2 says ${quote(phrase)}${supporting.length > 0 ? " or a supporting phrase" : ""}.`
        : `${quote(phrase)}${supporting.length > 0 ? " or a supporting phrase" : ""} stands in H2 number ${at + 1} for the first time.`;
    const { index, heading } = place;
    report({ message, at: { part: "heading", index: index, range: heading.range }, weight: at < 0 ? "should" : "may" });
  },
});
