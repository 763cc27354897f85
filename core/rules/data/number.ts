import { numberOf } from "../../structured-data/formats.ts";
import { type Entity, valuesOf } from "../../structured-data/graph.ts";
import type { PageData } from "../../structured-data/page-data.ts";
import type { PropertyTerm } from "../../structured-data/vocabulary.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, only, placeOf, textsIn } from "./data-rule.ts";
import { fixValue } from "./fix-value.ts";

/** Numbers that schema.org lets be texts too, and search engines read as numbers alone. From memory. */
const NUMBERS: ReadonlySet<string> = new Set([
  "ratingValue",
  "bestRating",
  "worstRating",
  "baseSalary",
  "estimatedSalary",
]);
/** “4/5” and “80%”, which are read as ratings too. */
const SHARE = /^\d+(?:\.\d+)?\s*(?:\/\s*\d+|%)$/;
/** A decimal comma; “30,000” may be thirty thousand. */
const COMMA = /^[+-]?\d+,\d{1,2}$/;
const SALARY = new Set(["value", "minValue", "maxValue"]);

/** Entities that say an amount of money: a MonetaryAmount, and what stands as its value. */
function amountsIn(data: PageData): ReadonlySet<Entity> {
  const amounts = data.entities.filter(({ types }) => types.includes("MonetaryAmount"));
  const values = amounts.flatMap((entity) =>
    valuesOf(entity, "value").flatMap((value) => (value.kind === "entity" ? [value.entity] : [])),
  );
  return new Set([...amounts, ...values]);
}

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
  check(data, report) {
    // Where a text is allowed too, a number with a decimal comma is read as one.
    const written = textsIn(
      data,
      (_, term) => !only(term, ["Number", "Integer", "Float"], ["QuantitativeValue"]) && ranges(term),
    );
    for (const { property, text, value } of written) {
      if (!COMMA.test(text.trim()) || property.name.toLowerCase().includes("price")) continue;
      const meant = text.trim().replace(",", ".");
      report({
        message: `${quote(property.written)} is written with a comma: ${quote(text, 30)}. Data has points.`,
        at: placeOf(data, value.place),
        weight: "should",
        ...fixValue(data, value.place, meant, `Write ${meant}`),
      });
    }
    const amounts = amountsIn(data);
    for (const { entity, property, text, value } of textsIn(
      data,
      ({ name }) => NUMBERS.has(name) || (amounts.size > 0 && SALARY.has(name)),
    )) {
      if (SALARY.has(property.name) && !amounts.has(entity)) continue;
      if (numberOf(text) !== null || SHARE.test(text.trim()) || COMMA.test(text.trim())) continue;
      report({
        message: `${quote(property.written)} is no number: ${quote(text, 30)}. Write it in digits, a currency apart from it.`,
        at: placeOf(data, value.place),
        weight: "should",
      });
    }
    const numbers = textsIn(data, (_, term) => only(term, ["Number", "Integer", "Float"], ["QuantitativeValue"]));
    for (const { property, term, text, value } of numbers) {
      const number = numberOf(text);
      if (number !== null && (Number.isInteger(number) || !only(term, ["Integer"]))) continue;
      report({
        message: `${quote(property.written)} is ${number === null ? "no number" : "no whole number"}: ${quote(text, 30)}.`,
        at: placeOf(data, value.place),
      });
    }
  },
});
