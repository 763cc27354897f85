import { isDataType, isKindOf, vocabulary } from "../../structured-data/vocabulary.ts";
import { standard } from "../rule.ts";
import { listed, quote } from "../texts.ts";
import { dataRule, placeOf, valuesIn } from "./data-rule.ts";

const TRUTH = /^(?:true|false|https?:\/\/schema\.org\/(?:True|False))$/i;

export const dataValueType = dataRule({
  id: "data/value-type",
  weight: "should",
  finds: "a value of another type than the property’s",
  counted: [
    "# page has structured data with a value of the wrong type",
    "# pages have structured data with a value of the wrong type",
  ],
  why: "schema.org says what the values of a property are. A text where a thing is expected is tolerated, as schema.org itself says.",
  source: standard("schema.org", "rangeIncludes"),
  check(data, report) {
    const { types } = vocabulary();
    for (const { property, term, value } of valuesIn(data)) {
      if (!term || term.ranges.length === 0) continue;
      const meant = `${quote(property.written)} is meant to be ${listed(term.ranges)}`;
      const place = () => placeOf(data, value.place);
      const isPlain = (range: string) =>
        isDataType(range) || ["Quantity", "Enumeration"].some((one) => isKindOf(range, one));
      if (value.kind === "entity") {
        const own = value.entity.types;
        if (own.length === 0 || !own.every((type) => types.has(type))) continue;
        if (own.some((type) => isKindOf(type, "Role") || term.ranges.some((range) => isKindOf(type, range)))) continue;
        report({ message: `${meant}; here it is ${own.join(", ")}.`, at: place() });
      } else if (value.kind === "number") {
        if (!term.ranges.some(isPlain)) report({ message: `${meant}; here it is a number.`, at: place() });
      } else if (value.kind === "truth") {
        if (!term.ranges.some((range) => range === "Boolean" || range === "Text"))
          report({ message: `${meant}; here it is ${value.truth}.`, at: place() });
      } else if (value.kind === "text") {
        if (!term.ranges.some(isPlain)) {
          // The address of a thing stands for it.
          if (/^https?:\/\/\S+$/i.test(value.text)) continue;
          report({ weight: "may", message: `${meant}; a text is tolerated, and says less.`, at: place() });
        } else if (term.ranges.every((range) => range === "Boolean") && !TRUTH.test(value.text))
          report({
            message: `${quote(property.written)} is true or false; here it is ${quote(value.text, 30)}.`,
            at: place(),
          });
      }
    }
  },
});
