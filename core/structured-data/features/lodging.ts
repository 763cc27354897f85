import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const lodging: Feature = {
  id: "lodging",
  shows: "entry in the search for places to stay",
  types: ["VacationRental", "LodgingBusiness"],
  required: [needs("name"), needs("address")],
  recommended: [needs("image"), needs("telephone"), needs("priceRange"), needs("amenityFeature")],
  source: REMEMBERED,
};
