import { isCountry } from "../../structured-data/formats.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn } from "./data-rule.ts";

export const dataCountry = dataRule({
  id: "data/country",
  weight: "should",
  finds: "a country that is none of ISO 3166-1",
  counted: [
    "# page has structured data with a country that is none of ISO 3166-1",
    "# pages have structured data with a country that is none of ISO 3166-1",
  ],
  why: "The name of a country is understood by some; its two letters by all.",
  source: standard("ISO 3166-1"),
  check(data, report) {
    for (const { text, value } of textsIn(data, ({ name }) => name === "addressCountry")) {
      if (isCountry(text)) continue;
      report({
        message: `The country ${quote(text, 40)} is best said with two letters, such as GB.`,
        at: placeOf(data, value.place),
      });
    }
  },
});
