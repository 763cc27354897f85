import { isCurrency, meantCurrency } from "../../structured-data/formats.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn } from "./data-rule.ts";
import { fixValue } from "./fix-value.ts";

const CURRENCY = new Set(["priceCurrency", "currency", "salaryCurrency"]);

export const dataCurrency = dataRule({
  id: "data/currency",
  weight: "must",
  finds: "a currency that is none of ISO 4217",
  why: "A price without its currency is no price.",
  source: standard("ISO 4217"),
  *check(data) {
    for (const { property, text, value } of textsIn(data, ({ name }) => CURRENCY.has(name))) {
      if (isCurrency(text)) continue;
      const meant = meantCurrency(text.trim());
      yield {
        message: `${quote(property.written)} is no currency: ${quote(text, 20)}.${meant ? ` Write ${meant}.` : " Write its three letters, such as GBP."}`,
        at: placeOf(data, value.said),
        ...(meant && fixValue(data, value.said, meant, `Write ${meant}`)),
      };
    }
  },
});
