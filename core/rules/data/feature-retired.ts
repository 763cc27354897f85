import { featuresOf } from "../../structured-data/features.ts";
import { guidance } from "../rule.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataFeatureRetired = dataRule({
  id: "data/feature-retired",
  weight: "may",
  finds: "data for a search feature that is shown no longer",
  counted: [
    "# page has data for a search feature that is retired",
    "# pages have data for a search feature that is retired",
  ],
  why: "It does no harm, and earns nothing any more.",
  source: guidance("search engines’ announcements"),
  check(data, report) {
    for (const { feature, entity, aimed } of featuresOf(data)) {
      if (feature.retired && aimed)
        report({ message: `The ${feature.shows}: ${feature.retired}`, at: placeOf(data, entity.typePlace) });
    }
  },
});
