import { allValuesOf } from "../../structured-data/page-data.ts";
import { isKindOf } from "../../structured-data/vocabulary.ts";
import { guidance } from "../rule.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataReviewWithoutAuthor = dataRule({
  id: "data/review-without-author",
  weight: "should",
  finds: "a review without an author",
  counted: [
    "# page has structured data with a review without an author",
    "# pages have structured data with a review without an author",
  ],
  why: "A review that nobody has written is not shown, and whoever reads it wonders. It is looked for in reviews of products, places and works, wherever they stand.",
  source: guidance("search engines' documentation of reviews"),
  check(data, report) {
    const roots = new Set(data.roots);
    for (const entity of data.entities) {
      // Of a review that stands by itself the search feature asks it.
      if (roots.has(entity) || !entity.types.some((type) => isKindOf(type, "Review"))) continue;
      if (allValuesOf(data, entity, "author").length > 0) continue;
      report({ message: "This review does not name its author.", at: placeOf(data, entity.typePlace) });
    }
  },
});
