import { dateOf } from "../../structured-data/formats.ts";
import { guidance } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn } from "./data-rule.ts";

const ENDS = new Set(["validThrough", "priceValidUntil", "expires"]);
const DAY = 86_400_000;

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
  heeds: ["today"],
  *check(data, { today }) {
    const now = dateOf(today);
    if (now === null) return;
    for (const { property, text, value } of textsIn(data, ({ name }) => ENDS.has(name))) {
      const end = dateOf(text.trim());
      // A day without a time ends at midnight.
      if (end === null || end + (/T/i.test(text) ? 0 : DAY) > now) continue;
      yield { message: `${quote(property.written)} has passed: ${text.trim()}.`, at: placeOf(data, value.place) };
    }
  },
});
