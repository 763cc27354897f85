import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const review: Feature = {
  id: "review",
  shows: "stars of one review",
  types: ["Review"],
  required: [
    needs(["author.name", "author"], "an author"),
    needs("reviewRating.ratingValue", "a rating"),
    needs("itemReviewed", "what was reviewed"),
  ],
  recommended: [needs("datePublished")],
  source: REMEMBERED,
};
