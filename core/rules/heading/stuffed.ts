import { contentHeadings } from "../../page/body.ts";
import { commonPractice, rule } from "../rule.ts";
import { phraseIn, quote } from "../texts.ts";

export const headingStuffed = rule({
  id: "heading/stuffed",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["headings", "language"],
  finds: "the target phrase in more than half of four or more headings",
  counted: [
    "# page has its target phrase in most of its headings",
    "# pages have their target phrase in most of their headings",
  ],
  why: "The same words over and over help nobody to find a part of the page, and look like stuffing.",
  source: commonPractice(),
  check(page, report, { phrase }) {
    if (!phrase) return;
    const headings = contentHeadings(page).filter(({ heading }) => heading.text !== "");
    if (headings.length < 4) return;
    const hits = headings.filter(({ heading }) =>
      phraseIn(heading.text, phrase, page).some(({ kind }) => kind !== "scattered"),
    );
    const last = hits.at(-1);
    if (!last || hits.length * 2 <= headings.length) return;
    report({
      message: `${hits.length} of ${headings.length} headings say ${quote(phrase, 40)}.`,
      at: { part: "heading", index: last.index, range: last.heading.range },
    });
  },
});
