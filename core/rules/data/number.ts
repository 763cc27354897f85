import { numberOf } from "../../structured-data/formats.ts";
import type { PropertyTerm } from "../../structured-data/vocabulary.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, only, placeOf, textsIn } from "./data-rule.ts";
import { fixValue } from "./fix-value.ts";

const ranges = (term: PropertyTerm | undefined) =>
  term?.ranges.some((one) => one === "Number" || one === "Integer" || one === "Float") ?? false;

export const dataNumber = dataRule({
  id: "data/number",
  weight: "must",
  finds: "a number that is none",
  counted: ["# page has a number in its data that is none", "# pages have a number in their data that is none"],
  hasFix: true,
  why: "“about 40” can be read by people only.",
  source: standard("schema.org", "Number"),
  *check(data) {
    // Where a text is allowed too, a number with a decimal comma is read as one.
    const written = textsIn(
      data,
      (_, term) => !only(term, ["Number", "Integer", "Float"], ["QuantitativeValue"]) && ranges(term),
    );
    for (const { property, text, value } of written) {
      if (!/^[+-]?\d+,\d+$/.test(text.trim()) || property.name.toLowerCase().includes("price")) continue;
      const meant = text.trim().replace(",", ".");
      yield {
        message: `${quote(property.written)} is written with a comma: ${quote(text, 30)}. Data has points.`,
        at: placeOf(data, value.place),
        weight: "should",
        ...fixValue(data, value.place, meant, `Write ${meant}`),
      };
    }
    const numbers = textsIn(data, (_, term) => only(term, ["Number", "Integer", "Float"], ["QuantitativeValue"]));
    for (const { property, term, text, value } of numbers) {
      const number = numberOf(text);
      if (number !== null && (Number.isInteger(number) || !only(term, ["Integer"]))) continue;
      yield {
        message: `${quote(property.written)} is ${number === null ? "no number" : "no whole number"}: ${quote(text, 30)}.`,
        at: placeOf(data, value.place),
      };
    }
  },
});
