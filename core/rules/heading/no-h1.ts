import { contentHeadings } from "../../page/body.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

export const headingNoH1 = rule({
  id: "heading/no-h1",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["headings", "titles"],
  finds: "no level-1 heading in the page's content",
  counted: ["# page has no H1", "# pages have no H1"],
  hasFix: true,
  why: "The H1 says what the page is. Listeners jump to it first. One H1 a page is common practice; WCAG technique G141 asks for headings in order, not for their number.",
  source: commonPractice("WCAG 2.2 technique G141"),
  *check(page) {
    const content = contentHeadings(page);
    // Site generators set a Markdown file's title as the H1 where the body has none (common practice).
    if (page.format === "markdown" && page.titles.length > 0) return;
    if (content.some(({ heading }) => heading.level === 1)) return;
    const first = content.find(({ heading }) => heading.text !== "");
    if (!first) {
      yield { message: "The content has no H1.", at: { part: "head" } };
      return;
    }
    const { heading, index } = first;
    yield {
      message: `The content has no H1. It begins with an H${heading.level}.`,
      at: { part: "heading", index: index, range: heading.range },
      fix: {
        label: `Make ${quote(heading.text, 40)} the H1`,
        edits: [{ op: "set-heading-level", heading: heading.key, level: 1, was: heading.level }],
      },
    };
  },
});
