import { widthOf } from "../../measure/width.ts";
import { descriptionOf } from "../../page/page.ts";
import { descriptionStyle } from "../../result/styles.ts";
import { px } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { descriptionRange, rounded } from "../texts.ts";

export const descriptionTooNarrow = rule({
  id: "description/too-narrow",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["metas"],
  fromFacets: true,
  finds: "a description that does not fill its first desktop line",
  counted: [
    "# description does not fill its first desktop line",
    "# descriptions do not fill their first desktop line",
  ],
  why: "Room is left for a reason to click. Search engines tend to replace very short descriptions with words from the page.",
  source: commonPractice(),
  settings: { limitPx: px(460, "Descriptions are at least {limitPx} px wide") },
  check(page, report, { settings }) {
    const text = descriptionOf(page);
    const width = widthOf(text, descriptionStyle("desktop"));
    if (text === "" || width >= settings.limitPx) return;
    report({
      message: `The description is ${rounded(width)} px wide and does not fill its first line.`,
      at: { part: "description", range: descriptionRange(page) },
    });
  },
});
