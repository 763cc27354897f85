import { isCurrency, isTicker, meantCurrency } from "../../structured-data/formats.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn } from "./data-rule.ts";
import { fixValue } from "./fix-value.ts";

const CURRENCY = new Set(["priceCurrency", "currency", "salaryCurrency"]);

export const dataCurrency = dataRule({
  id: "data/currency",
  weight: "must",
  finds: "a currency that is none of ISO 4217",
  counted: [
    "# page has structured data with a currency that is none of ISO 4217",
    "# pages have structured data with a currency that is none of ISO 4217",
  ],
  hasFix: true,
  why: "A price without its currency is no price.",
  source: standard("ISO 4217"),
  check(data, report) {
    for (const { property, text, value } of textsIn(data, ({ name }) => CURRENCY.has(name))) {
      if (isCurrency(text)) continue;
      if (property.name === "priceCurrency" && isTicker(text)) continue;
      const meant = meantCurrency(text.trim());
      // schema.org also lets tickers and names of other currencies stand here, which cannot be known.
      const mayBe = meant === null && property.name === "priceCurrency" && /^[\p{L}][\p{L}\d ]{1,40}$/u.test(text);
      report({
        message: `${quote(property.written)} is no currency: ${quote(text, 20)}.${meant ? ` Write ${meant}.` : " Write its three letters, such as GBP."}`,
        at: placeOf(data, value.place),
        ...(mayBe && { weight: "may" as const }),
        ...(meant && fixValue(data, value.place, meant, `Write ${meant}`)),
      });
    }
  },
});
