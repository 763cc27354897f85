import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const productReview: Feature = {
  id: "product-review",
  shows: "stars",
  types: ["Product", "Recipe", "Book", "Course", "Event", "LocalBusiness", "Movie", "SoftwareApplication"],
  required: [
    needs("aggregateRating.ratingValue", "a rating", "aggregateRating"),
    needs(["aggregateRating.ratingCount", "aggregateRating.reviewCount"], "how many have rated", "aggregateRating"),
  ],
  recommended: [],
  source: REMEMBERED,
};
