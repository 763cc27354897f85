import { dateOf, isTime } from "../../structured-data/formats.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, only, placeOf, textsIn } from "./data-rule.ts";

export const dataDate = dataRule({
  id: "data/date",
  weight: "must",
  finds: "a date that is none of ISO 8601",
  counted: [
    "# page has structured data with a date that is none of ISO 8601",
    "# pages have structured data with a date that is none of ISO 8601",
  ],
  why: "“12 May” can be read by people only. Data says 2026-05-12, and a time with its zone: 2026-05-12T19:00+01:00.",
  source: standard("ISO 8601-1", "5.2 and 5.4"),
  check(data, report) {
    const dates = textsIn(data, (_, term) => only(term, ["Date", "DateTime"], ["Time"]));
    for (const { property, text, value, term } of dates) {
      if (dateOf(text) !== null || (term?.ranges.includes("Time") && isTime(text))) continue;
      report({
        message: `${quote(property.written)} is no date: ${quote(text, 40)}. Write it like 2026-05-12.`,
        at: placeOf(data, value.place),
      });
    }
  },
});
