import { widthOf } from "../../measure/width.ts";
import { titleOf } from "../../page/page.ts";
import { titleStyle } from "../../result/styles.ts";
import { px } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { rounded, titleRange } from "../texts.ts";

export const titleTooNarrow = rule({
  id: "title/too-narrow",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["titles"],
  fromFacets: true,
  finds: "a title that fills less than half of the desktop line",
  counted: ["# title fills less than half of the desktop line", "# titles fill less than half of the desktop line"],
  why: "Room is left to say whom the page is for or what sets it apart. A short title that says all is fine.",
  source: commonPractice(),
  settings: { limitPx: px(300, "Titles are at least {limitPx} px wide") },
  check(page, report, { settings }) {
    const title = titleOf(page);
    const width = widthOf(title, titleStyle("desktop"));
    if (title === "" || width >= settings.limitPx) return;
    report({
      message: `The title is ${rounded(width)} px wide and leaves more than half of the line empty.`,
      at: { part: "title", range: titleRange(page) },
    });
  },
});
