import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const productVariants: Feature = {
  id: "product-variants",
  shows: "price and stock line",
  types: ["ProductGroup"],
  // Where its variants name it instead, each is a product for sale by itself.
  aims: ["hasVariant", "offers", "review", "aggregateRating"],
  required: [
    needs("name"),
    needs(
      [
        "hasVariant.offers.price",
        "hasVariant.offers.lowPrice",
        "hasVariant.offers.priceSpecification.price",
        "hasVariant.url",
        "offers.price",
        "offers.lowPrice",
        "review",
        "aggregateRating",
      ],
      "a price of a variant, a review or ratings",
    ),
  ],
  recommended: [
    needs("variesBy", "what its variants differ in"),
    needs("productGroupID"),
    needs(["image", "hasVariant.image"], "an image"),
    needs("brand"),
    needs("aggregateRating"),
  ],
  source: REMEMBERED,
};
