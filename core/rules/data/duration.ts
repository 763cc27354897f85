import { isDuration } from "../../structured-data/formats.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, only, placeOf, textsIn } from "./data-rule.ts";

export const dataDuration = dataRule({
  id: "data/duration",
  weight: "must",
  finds: "a duration that is none of ISO 8601",
  counted: [
    "# page has structured data with a duration that is none of ISO 8601",
    "# pages have structured data with a duration that is none of ISO 8601",
  ],
  why: "“20 minutes” can be read by people only. Data says PT20M.",
  source: standard("ISO 8601-1", "5.5"),
  check(data, report) {
    for (const { property, text, value } of textsIn(data, (_, term) =>
      only(term, ["Duration"], ["QuantitativeValue"]),
    )) {
      if (isDuration(text)) continue;
      report({
        message: `${quote(property.written)} is no duration: ${quote(text, 40)}. Twenty minutes are PT20M, two days P2D.`,
        at: placeOf(data, value.place),
      });
    }
  },
});
