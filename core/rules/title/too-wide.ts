import { languageOf, titleOf } from "../../page/page.ts";
import { setTitle } from "../../result/result.ts";
import { shorten } from "../../result/shorten.ts";
import { limitsOf } from "../../settings/house-style.ts";
import { px } from "../../settings/setting.ts";
import { withoutBrand } from "../../settings/without-brand.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote, quoteEnd, rounded, titleRange } from "../texts.ts";

export const titleTooWide = rule({
  id: "title/too-wide",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["titles", "language"],
  fromFacets: true,
  heeds: ["limits", "brand"],
  finds: "a title that desktop results cut",
  counted: ["# title is cut on desktop", "# titles are cut on desktop"],
  hasFix: true,
  why: "Results cut a title by its width, not by its characters. What stands behind the cut is not read; a long title is no fault in itself if its first words say enough.",
  source: commonPractice("the width is measured, no search engine publishes it"),
  settings: { limitPx: px(600, "Titles are at most {limitPx} px wide on desktop") },
  check(page, report, { houseStyle, settings }) {
    const title = titleOf(page);
    const cut = setTitle(title, "desktop", { ...limitsOf(houseStyle), titleDesktop: settings.limitPx });
    if (cut.lost === "") return;
    const fits = (text: string) =>
      setTitle(text, "desktop", { ...limitsOf(houseStyle), titleDesktop: settings.limitPx }).lost === "";
    const value =
      title.length < 1000
        ? shorten(title, { fits, brandless: withoutBrand(title, houseStyle.brand), language: languageOf(page) })
        : null;
    report({
      message: `Desktop loses ${quoteEnd(cut.lost)} The title is ${rounded(cut.px)} px wide; results are cut at ${settings.limitPx}.`,
      at: { part: "title", words: { start: cut.end, end: title.length }, range: titleRange(page) },
      ...(value && {
        fix: {
          label: `Shorter: ${quote(value)}`,
          edits: [{ op: "set-title" as const, value, was: title }],
          suggested: true as const,
        },
      }),
    });
  },
});
