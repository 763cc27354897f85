import { featuresOf } from "../../structured-data/features.ts";
import { guidance } from "../rule.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataRecommendedForFeature = dataRule({
  id: "data/recommended-for-feature",
  weight: "may",
  finds: "a value that a search feature could show",
  why: "What is recommended is not needed; it makes more of the result.",
  source: guidance("search engines’ documentation of structured data"),
  *check(data) {
    for (const { feature, entity, recommended, missing } of featuresOf(data)) {
      if (feature.retired || missing.length > 0 || recommended.length === 0) continue;
      yield {
        message: `For the ${feature.shows} this ${entity.types[0]} could say more: ${recommended.map(({ says }) => says).join(", ")}.`,
        at: placeOf(data, entity.typeSaid),
      };
    }
  },
});
