import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const claimReview: Feature = {
  id: "claim-review",
  shows: "verdict on a claim",
  types: ["ClaimReview"],
  required: [needs("claimReviewed"), needs("reviewRating")],
  recommended: [],
  retired: "shown no longer since June 2025 (from memory).",
  source: REMEMBERED,
};
