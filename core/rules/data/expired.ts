import { dayAtOrAfter } from "../../settings/days.ts";
import { ENDS, endAt, isOver } from "../../structured-data/ends.ts";
import { dataOf, type PageData } from "../../structured-data/page-data.ts";
import { guidance } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn } from "./data-rule.ts";

/** Values that say when something ends. */
const endsIn = (data: PageData) => textsIn(data, ({ name }) => ENDS.has(name));

export const dataExpired = dataRule({
  id: "data/expired",
  weight: "should",
  finds: "an offer or job whose time is over",
  counted: [
    "# page has structured data with an offer or job whose time is over",
    "# pages have structured data with an offer or job whose time is over",
  ],
  why: "Search engines take jobs out of their results on that day, and prices lose their line. Where it still holds, move the day; where it does not, take the data out.",
  source: guidance("search engines' documentation of jobs and offers"),
  *changesOn(page) {
    for (const { text } of endsIn(dataOf(page))) {
      const end = endAt(text);
      const day = end === null ? null : dayAtOrAfter(end);
      if (day !== null) yield day;
    }
  },
  check(data, report, { today }) {
    for (const { property, text, value } of endsIn(data)) {
      if (!isOver(text, today)) continue;
      report({ message: `${quote(property.written)} has passed: ${text.trim()}.`, at: placeOf(data, value.place) });
    }
  },
});
