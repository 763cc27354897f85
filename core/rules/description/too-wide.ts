import { descriptionOf } from "../../page/page.ts";
import { setDescription } from "../../result/result.ts";
import { limitsOf } from "../../settings/house-style.ts";
import { px } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { descriptionRange, quoteEnd, rounded } from "../texts.ts";

export const descriptionTooWide = rule({
  id: "description/too-wide",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["metas"],
  fromFacets: true,
  heeds: ["limits"],
  finds: "a description that desktop results cut",
  counted: ["# description is cut on desktop", "# descriptions are cut on desktop"],
  why: "About two lines are shown on desktop. The rest is not read; what matters should stand before the cut.",
  source: commonPractice("the width is measured, no search engine publishes it"),
  settings: { limitPx: px(920, "Descriptions are at most {limitPx} px wide over two lines on desktop") },
  check(page, report, { houseStyle, settings }) {
    const text = descriptionOf(page);
    const cut = setDescription(text, "desktop", { ...limitsOf(houseStyle), descriptionDesktop: settings.limitPx });
    if (cut.lost === "") return;
    report({
      message: `Desktop loses ${quoteEnd(cut.lost)} The description is ${rounded(cut.px)} px wide; results are cut at ${settings.limitPx}.`,
      at: { part: "description", words: { start: cut.end, end: text.length }, range: descriptionRange(page) },
    });
  },
});
