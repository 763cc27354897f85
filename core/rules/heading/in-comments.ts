import { commonPractice, rule } from "../rule.ts";
import { counted, quote } from "../texts.ts";
import { asParagraphs } from "./as-paragraphs.ts";

export const headingInComments = rule({
  id: "heading/in-comments",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["headings"],
  finds: "headings of a comment area outside any landmark",
  counted: ["# page has headings in its comment area", "# pages have headings in their comment area"],
  hasFix: true,
  why: "“3 comments” and “Leave a reply” belong to no part of the article, but are heard as its last ones. A region or an aside around them says so.",
  source: commonPractice(),
  check(page, report) {
    const found = [...page.headings.entries()].filter(
      ([, heading]) => heading.inComments && (heading.landmark === null || heading.landmark === "main"),
    );
    const [first] = found;
    if (!first) return;
    const [index, heading] = first;
    report({
      message: `${quote(heading.text, 60)}${found.length > 1 ? ` and ${counted(found.length - 1, "more heading")}` : ""} of the comments stand in the page's outline.`,
      at: { part: "heading", index: index, range: heading.range },
      fix: asParagraphs(found.map(([, one]) => one)),
    });
  },
});
