import { contentHeadings } from "../../page/body.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

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
  *check(page) {
    const content = contentHeadings(page);
    const h1 = content.findIndex(({ heading }) => heading.level === 1);
    const first = content[0];
    if (h1 <= 0 || !first) return;
    yield {
      message: `${quote(first.heading.text)} (H${first.heading.level}) comes before the H1 ${quote(content[h1]?.heading.text ?? "", 40)}.`,
      at: { part: "heading", index: first.index, range: first.heading.range },
      fix: {
        label: "Make it a paragraph",
        edits: [{ op: "remove-heading", heading: first.heading.key, was: first.heading.text }],
      },
    };
  },
});
