import { DAY_MS, dayAtOrAfter } from "../../settings/days.ts";
import { dateOf } from "../../structured-data/formats.ts";
import { dataOf, type PageData } from "../../structured-data/page-data.ts";
import { guidance } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn } from "./data-rule.ts";

const ENDS = new Set(["validThrough", "priceValidUntil", "expires"]);

/** Values that say when something ends, with the end in ms. A day without a time ends at its midnight. */
function* endsIn(data: PageData) {
  for (const one of textsIn(data, ({ name }) => ENDS.has(name))) {
    const end = dateOf(one.text.trim());
    if (end !== null) yield { ...one, end: end + (/T/i.test(one.text) ? 0 : DAY_MS) };
  }
}

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
    for (const { end } of endsIn(dataOf(page))) {
      const day = dayAtOrAfter(end);
      if (day !== null) yield day;
    }
  },
  *check(data, { today }) {
    const now = dateOf(today);
    if (now === null) return;
    for (const { property, text, value, end } of endsIn(data)) {
      if (end > now) continue;
      yield { message: `${quote(property.written)} has passed: ${text.trim()}.`, at: placeOf(data, value.place) };
    }
  },
});
