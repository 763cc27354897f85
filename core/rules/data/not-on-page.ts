import { unseenOf } from "../../structured-data/agreement.ts";
import { guidance } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataNotOnPage = dataRule({
  id: "data/not-on-page",
  weight: "should",
  finds: "something that the data says and no reader can see",
  counted: ["# page has data that no reader can see on it", "# pages have data that no reader can see on them"],
  why: "Search engines ask that data says what the page shows. Mostly the page has moved on and the data has not.",
  source: guidance("search engines’ general guidelines for structured data"),
  sees: ["blocks", "images", "videos", "metas", "language", "titles"],
  check(data, report, { page }) {
    for (const { value, what, text, shown, light } of unseenOf(data, page)) {
      report({
        message: `The data says ${what} ${quote(text, 60)}, and the page does not show it.${shown ? ` It shows ${quote(shown, 60)}.` : ""}`,
        at: placeOf(data, value.place),
        ...(light && { weight: "may" as const }),
      });
    }
  },
});
