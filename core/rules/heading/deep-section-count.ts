import { contentHeadings } from "../../page/body.ts";
import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted, quote } from "../texts.ts";

export const headingDeepSectionCount = rule({
  id: "heading/deep-section-count",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["headings"],
  finds: "many headings of one level in a row, without a level between",
  counted: ["# page has many headings of one level in a row", "# pages have many headings of one level in a row"],
  why: "Eight parts side by side are hard to take in. Two or three headings over groups of them help; a list of questions may well stay as it is.",
  source: commonPractice(),
  settings: { most: count(7, "At most {most} headings of one level stand in one part.") },
  check(page, report, { settings }) {
    const content = contentHeadings(page);
    let run: typeof content = [];
    const reportLong = (list: typeof content) => {
      const first = list[0];
      if (!first || list.length <= settings.most) return;
      report({
        message: `${counted(list.length, `H${first.heading.level}`)} stand side by side from ${quote(first.heading.text, 40)} on.`,
        at: { part: "heading" as const, index: first.index, range: first.heading.range },
      });
    };
    for (const one of content) {
      const level = run[0]?.heading.level;
      if (level !== undefined && one.heading.level !== level) {
        reportLong(run);
        run = [];
      }
      if (one.heading.level > 1) run.push(one);
    }
    reportLong(run);
  },
});
