import { contentHeadings } from "../../page/body.ts";
import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

export const headingTooDeep = rule({
  id: "heading/too-deep",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["headings"],
  finds: "a heading of a level deeper than readers follow",
  counted: ["# outline goes deeper than readers follow", "# outlines go deeper than readers follow"],
  why: "H5 and H6 are valid, and handbooks of software use them. Many writers avoid H4 already: whoever listens must hold all levels in mind.",
  source: commonPractice(),
  settings: { level: count(4, "The deepest heading is an H{level}.") },
  check(page, report, { settings }) {
    const deep = contentHeadings(page).filter(({ heading }) => heading.level > settings.level);
    const [first] = deep;
    if (!first) return;
    const more = deep.length > 1 ? `, and ${deep.length - 1} more` : "";
    report({
      message: `${quote(first.heading.text, 60)} is an H${first.heading.level}${more}.`,
      at: { part: "heading", index: first.index, range: first.heading.range },
    });
  },
});
