import { numberOf } from "../../structured-data/formats.ts";
import { textOf, textOfValue, valuesOf } from "../../structured-data/graph.ts";
import { standard } from "../rule.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataRatingBounds = dataRule({
  id: "data/rating-bounds",
  weight: "must",
  finds: "a rating outside of its bounds",
  counted: [
    "# page has structured data with a rating outside of its bounds",
    "# pages have structured data with a rating outside of its bounds",
  ],
  why: "Without other bounds a rating lies between 1 and 5.",
  source: standard("schema.org", "ratingValue, bestRating, worstRating"),
  check(data, report) {
    for (const entity of data.entities) {
      const [value] = valuesOf(entity, "ratingValue");
      const rating = numberOf(textOfValue(value));
      if (value === undefined || rating === null) continue;
      const bound = (name: string, usual: number) => numberOf(textOf(entity, name)) ?? usual;
      const [worst, best] = [bound("worstRating", 1), bound("bestRating", 5)];
      if (best <= worst)
        report({ message: `The best rating is ${best} and the worst ${worst}.`, at: placeOf(data, entity.place) });
      else if (rating < worst || rating > best)
        report({
          message: `The rating ${rating} lies outside of ${worst} to ${best}.`,
          at: placeOf(data, value.place),
        });
    }
  },
});
