import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const software: Feature = {
  id: "software",
  shows: "stars and price of an application",
  types: ["SoftwareApplication"],
  required: [
    needs("name"),
    needs("offers.price", "a price, 0 where it is free"),
    needs(["aggregateRating", "review"], "a rating"),
  ],
  recommended: [needs("applicationCategory"), needs("operatingSystem")],
  source: REMEMBERED,
};
