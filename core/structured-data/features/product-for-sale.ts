import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const productForSale: Feature = {
  id: "product-for-sale",
  shows: "price and stock line",
  types: ["Product"],
  except: ["ProductGroup"],
  required: [
    needs("name"),
    needs(
      ["offers.price", "offers.lowPrice", "offers.priceSpecification.price", "review", "aggregateRating"],
      "a price, a review or ratings",
    ),
    needs(["offers.priceCurrency", "offers.priceSpecification.priceCurrency"], "currency of the price", "offers"),
  ],
  recommended: [
    needs("image"),
    needs("offers.availability", "whether it is in stock"),
    needs("description"),
    needs(["gtin", "gtin13", "gtin12", "gtin8", "gtin14", "mpn", "isbn", "sku"], "a trade item number"),
    needs("brand"),
    needs("aggregateRating"),
    needs("offers.shippingDetails"),
    needs("offers.hasMerchantReturnPolicy"),
  ],
  source: REMEMBERED,
};
