import { numberOf } from "../../structured-data/formats.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, only, placeOf, textsIn } from "./data-rule.ts";

export const dataNumber = dataRule({
  id: "data/number",
  weight: "must",
  finds: "a number that is none",
  why: "“about 40” can be read by people only.",
  source: standard("schema.org", "Number"),
  *check(data) {
    const numbers = textsIn(data, (_, term) => only(term, ["Number", "Integer", "Float"], ["QuantitativeValue"]));
    for (const { property, term, text, value } of numbers) {
      const number = numberOf(text);
      if (number !== null && (Number.isInteger(number) || !only(term, ["Integer"]))) continue;
      yield {
        message: `${quote(property.written)} is ${number === null ? "no number" : "no whole number"}: ${quote(text, 30)}.`,
        at: placeOf(data, value.said),
      };
    }
  },
});
