import { contentHeadings } from "../../page/body.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted, quote } from "../texts.ts";
import { asParagraphs } from "./as-paragraphs.ts";

export const headingH1NotFirst = rule({
  id: "heading/h1-not-first",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["headings"],
  finds: "a lower heading before the H1 in the content",
  counted: ["# page has a lower heading before its H1", "# pages have a lower heading before their H1"],
  hasFix: true,
  why: "What comes before the H1 belongs to no part of the page. Often it is a banner or a label that was set as a heading for its looks.",
  source: commonPractice(),
  check(page, report) {
    // Empty ones have a rule of their own.
    const content = contentHeadings(page).filter(({ heading }) => heading.text !== "");
    const h1 = content.findIndex(({ heading }) => heading.level === 1);
    const first = content[0];
    if (h1 <= 0 || !first) return;
    const before = content.slice(0, h1);
    const [, ...others] = before;
    const more = others.length === 0 ? "comes" : `and ${counted(others.length, "more heading")} come`;
    report({
      message: `${quote(first.heading.text)} (H${first.heading.level}) ${more} before the H1 ${quote(content[h1]?.heading.text ?? "", 40)}.`,
      at: { part: "heading", index: first.index, range: first.heading.range },
      related: others.map(({ heading, index }) => ({ at: { part: "heading", index, range: heading.range } })),
      fix: asParagraphs(before.map(({ heading }) => heading)),
    });
  },
});
