import { featuresOf } from "../../structured-data/features.ts";
import { guidance } from "../rule.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataRequiredForFeature = dataRule({
  id: "data/required-for-feature",
  weight: "must",
  finds: "a value without which a search feature is not shown",
  counted: [
    "# page lacks a value that a search feature requires",
    "# pages lack a value that a search feature requires",
  ],
  why: "Nothing is shown in part: a product without price and name gets no price line at all.",
  source: guidance("search engines’ documentation of structured data"),
  check(data, report) {
    for (const { feature, entity, missing, aimed } of featuresOf(data)) {
      if (feature.retired || !aimed) continue;
      for (const one of missing)
        report({
          message: `For the ${feature.shows} this ${entity.types[0]} still needs ${one.label}.`,
          at: placeOf(data, entity.typePlace),
        });
    }
  },
});
