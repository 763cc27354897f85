import { contentHeadings } from "../../page/body.ts";
import { commonPractice, rule } from "../rule.ts";
import { phraseIn, quote } from "../texts.ts";

export const headingPhraseMissingH1 = rule({
  id: "heading/phrase-missing-h1",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["headings", "language"],
  finds: "an H1 without the target phrase",
  counted: ["# H1 is without its target phrase", "# H1s are without their target phrase"],
  why: "Some always want the phrase in the H1; for others it is optional as long as the H1 says plainly what the page is.",
  source: commonPractice(),
  check(page, report, { phrase }) {
    const h1 = contentHeadings(page).find(({ heading }) => heading.level === 1);
    if (!phrase || !h1 || h1.heading.text === "") return;
    const all = contentHeadings(page).filter(({ heading }) => heading.level === 1);
    if (all.some(({ heading }) => phraseIn(heading.text, phrase, page).length > 0)) return;
    report({
      message: `${quote(phrase)} is not in the H1.`,
      at: { part: "heading", index: h1.index, range: h1.heading.range },
    });
  },
});
