import { featuresOf } from "../../structured-data/features.ts";
import { guidance } from "../rule.ts";
import { listed } from "../texts.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataRecommendedForFeature = dataRule({
  id: "data/recommended-for-feature",
  weight: "may",
  finds: "a value that a search feature could show",
  counted: [
    "# page lacks a value that a search feature could show",
    "# pages lack a value that a search feature could show",
  ],
  why: "What is recommended is not needed; it makes more of the result.",
  source: guidance("search engines’ documentation of structured data"),
  check(data, report) {
    const states = featuresOf(data).filter(({ feature }) => !feature.retired);
    const bare = states.filter(({ aimed }) => !aimed);
    const [first] = bare;
    if (first) {
      const shown = [...new Set(bare.map(({ feature }) => feature.shows))];
      report({
        message: `Its publishing system names things here and says next to nothing of them. With more values they could earn the ${listed(shown)}.`,
        at: placeOf(data, first.entity.typePlace),
      });
    }
    for (const { feature, entity, recommended, missing, aimed } of states) {
      if (!aimed || missing.length > 0 || recommended.length === 0) continue;
      report({
        message: `For the ${feature.shows} this ${entity.types[0]} may also have: ${recommended.map(({ label }) => label).join(", ")}.`,
        at: placeOf(data, entity.typePlace),
      });
    }
  },
});
