import { titleOf } from "../../page/page.ts";
import { setTitle } from "../../result/result.ts";
import { limitsOf } from "../../settings/house-style.ts";
import { px } from "../../settings/setting.ts";
import { fromMemory, rule } from "../rule.ts";
import { quote, titleRange } from "../texts.ts";

export const titleTooWideMobile = rule({
  id: "title/too-wide-mobile",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["titles"],
  fromFacets: true,
  heeds: ["limits"],
  finds: "a title that does not fit two lines on mobile",
  counted: ["# title is cut on mobile", "# titles are cut on mobile"],
  why: "Phones set a title over two lines. What fits there may still be cut on desktop, and the other way round.",
  source: fromMemory("two lines of 328 px are what common phones show"),
  settings: { limitPx: px(328, "On mobile a title fills at most two lines of {limitPx} px") },
  check(page, report, { houseStyle, settings }) {
    const title = titleOf(page);
    const cut = setTitle(title, "mobile", { ...limitsOf(houseStyle), titleMobile: settings.limitPx });
    if (cut.lost === "") return;
    const words = { start: cut.end, end: title.length };
    report({
      message: `Mobile loses ${quote(cut.lost)}: two lines are full.`,
      at: { part: "title", words, range: titleRange(page) },
    });
  },
});
