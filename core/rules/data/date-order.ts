import { dateOf } from "../../structured-data/formats.ts";
import { textOfValue, valuesOf } from "../../structured-data/graph.ts";
import { commonPractice } from "../rule.ts";
import { dataRule, placeOf } from "./data-rule.ts";

const ORDERS: readonly [first: string, then: string, says: string][] = [
  ["datePublished", "dateModified", "was changed before it was published"],
  ["startDate", "endDate", "ends before it starts"],
  ["doorTime", "endDate", "ends before its doors open"],
  ["validFrom", "validThrough", "ends before it is valid"],
  ["datePosted", "validThrough", "ends before it was posted"],
  ["availabilityStarts", "availabilityEnds", "ends before it is to be had"],
];

export const dataDateOrder = dataRule({
  id: "data/date-order",
  weight: "must",
  finds: "dates in the wrong order",
  counted: [
    "# page has structured data with dates in the wrong order",
    "# pages have structured data with dates in the wrong order",
  ],
  why: "What ends before it begins was mistyped, or copied from last year.",
  source: commonPractice(),
  check(data, report) {
    for (const entity of data.entities) {
      for (const [first, then, says] of ORDERS) {
        const [a] = valuesOf(entity, first);
        const [b] = valuesOf(entity, then);
        if (!a || !b) continue;
        const [from, to] = [dateOf(textOfValue(a)), dateOf(textOfValue(b))];
        // A day holds all its hours: on one day the order is not known where one of them says no time.
        if (from === null || to === null || to >= from || textOfValue(a).startsWith(textOfValue(b))) continue;
        report({ message: `It ${says}: ${textOfValue(a)}, then ${textOfValue(b)}.`, at: placeOf(data, b.place) });
      }
    }
  },
});
