import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const localBusiness: Feature = {
  id: "local-business",
  shows: "opening hours and address",
  types: ["LocalBusiness"],
  except: ["LodgingBusiness"],
  required: [needs("name"), needs("address")],
  recommended: [
    needs("telephone"),
    needs(["openingHoursSpecification", "openingHours"], "opening hours"),
    needs("geo"),
    needs("url"),
    needs("priceRange"),
    needs("image"),
  ],
  source: REMEMBERED,
};
