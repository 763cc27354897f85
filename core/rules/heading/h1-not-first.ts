import { contentHeadings } from "../../page/body.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted, quote } from "../texts.ts";

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
    // Empty ones have a rule of their own.
    const content = contentHeadings(page).filter(({ heading }) => heading.text !== "");
    const h1 = content.findIndex(({ heading }) => heading.level === 1);
    const first = content[0];
    if (h1 <= 0 || !first) return;
    const [, ...others] = content.slice(0, h1);
    const before = [first, ...others];
    const what = `${quote(first.heading.text)} (H${first.heading.level})`;
    yield {
      message: `${others.length === 0 ? `${what} comes` : `${what} and ${counted(others.length, "more heading")} come`} before the H1 ${quote(content[h1]?.heading.text ?? "", 40)}.`,
      at: { part: "heading", index: first.index, range: first.heading.range },
      related: others.map(({ heading, index }) => ({ at: { part: "heading", index, range: heading.range } })),
      fix: {
        label: before.length === 1 ? "Make it a paragraph" : `Make ${before.length} headings paragraphs`,
        edits: before.map(({ heading }) => ({
          op: "remove-heading" as const,
          heading: heading.key,
          was: heading.text,
        })),
      },
    };
  },
});
