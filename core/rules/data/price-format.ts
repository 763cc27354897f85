import { isPrice, meantPrice } from "../../structured-data/formats.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn } from "./data-rule.ts";
import { fixValue } from "./fix-value.ts";

const PRICES = new Set(["price", "lowPrice", "highPrice", "minPrice", "maxPrice"]);

export const dataPriceFormat = dataRule({
  id: "data/price-format",
  weight: "must",
  finds: "a price with signs or separators",
  counted: [
    "# page has structured data with a price with signs or separators",
    "# pages have structured data with a price with signs or separators",
  ],
  hasFix: true,
  why: "In data a price is digits and a point; the currency stands in priceCurrency.",
  source: standard("schema.org", "price"),
  check(data, report) {
    for (const { property, text, value } of textsIn(data, ({ name }) => PRICES.has(name))) {
      if (isPrice(text.trim())) continue;
      const meant = meantPrice(text);
      report({
        message: `${quote(property.written)} is ${quote(text, 30)}.${meant ? ` Write ${meant}, and the currency in priceCurrency.` : " Write digits and a point."}`,
        at: placeOf(data, value.place),
        ...(meant && fixValue(data, value.place, meant, `Write ${meant}`)),
      });
    }
  },
});
