import { descriptionOf } from "../../page/page.ts";
import { setDescription } from "../../result/result.ts";
import { limitsOf } from "../../settings/house-style.ts";
import { px } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { descriptionRange, quoteEnd } from "../texts.ts";

export const descriptionTooWideMobile = rule({
  id: "description/too-wide-mobile",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["metas"],
  fromFacets: true,
  heeds: ["limits"],
  finds: "a description that mobile results cut",
  counted: ["# description is cut on mobile", "# descriptions are cut on mobile"],
  why: "Phones show less than desktops. It is enough that the first sentence is whole on both.",
  source: commonPractice("the width is measured, no search engine publishes it"),
  settings: { limitPx: px(680, "On mobile descriptions are at most {limitPx} px wide") },
  check(page, report, { houseStyle, settings }) {
    const text = descriptionOf(page);
    const cut = setDescription(text, "mobile", { ...limitsOf(houseStyle), descriptionMobile: settings.limitPx });
    if (cut.lost === "") return;
    report({
      message: `Mobile ends at ${quoteEnd(text.slice(Math.max(0, cut.end - 24), cut.end).replace(/^\S*\s/, ""))}`,
      at: { part: "description", words: { start: cut.end, end: text.length }, range: descriptionRange(page) },
    });
  },
});
