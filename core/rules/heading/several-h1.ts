import { standTogether } from "../../outline/outline.ts";
import { contentHeadings } from "../../page/body.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted, quote } from "../texts.ts";

export const headingSeveralH1 = rule({
  id: "heading/several-h1",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["headings"],
  finds: "more than one level-1 heading",
  counted: ["# page has more than one H1", "# pages have more than one H1"],
  hasFix: true,
  why: "Several H1s are valid HTML, and some use one a section. A listener cannot tell which of them names the page, so one a page is common practice. Several that are set to look like one title should be one H1.",
  source: commonPractice(),
  check(page, report) {
    const all = contentHeadings(page).filter(({ heading }) => heading.level === 1);
    const [first, ...more] = all;
    if (!first || more.length === 0) return;
    const together = [first];
    for (const one of more) {
      const last = together.at(-1);
      if (last && standTogether(last.heading, one.heading)) together.push(one);
      else break;
    }
    if (together.length > 1) {
      const whole = together.map(({ heading }) => heading.text).join(" ");
      report({
        message: `${counted(together.length, "H1")} stand together and read as one title: ${quote(whole)}. They should be one H1 in several parts.`,
        at: { part: "heading", index: together[1]?.index ?? first.index, range: together[1]?.heading.range ?? null },
        fix: {
          label: "Make them one H1",
          edits: [
            {
              op: "merge-headings",
              headings: together.map(({ heading }) => heading.key),
              separator: " ",
              level: 1,
              was: together.map(({ heading }) => heading.text).join("\n"),
            },
          ],
        },
      });
    }
    for (const { heading, index } of all.slice(together.length)) {
      report({
        message: `One of ${counted(all.length, "H1")}; the first is ${quote(first.heading.text, 40)}.`,
        at: { part: "heading", index: index, range: heading.range },
        fix: { label: "Make it an H2", edits: [{ op: "set-heading-level", heading: heading.key, level: 2, was: 1 }] },
      });
    }
  },
});
