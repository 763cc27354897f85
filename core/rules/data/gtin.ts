import { isGtin } from "../../structured-data/formats.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn } from "./data-rule.ts";

const LENGTHS = new Map([
  ["gtin", [8, 12, 13, 14]],
  ["gtin8", [8]],
  ["gtin12", [12]],
  ["gtin13", [13]],
  ["gtin14", [14]],
]);

export const dataGtin = dataRule({
  id: "data/gtin",
  weight: "must",
  finds: "a trade item number whose check digit is wrong",
  counted: [
    "# page has structured data with a trade item number with a wrong check digit",
    "# pages have structured data with a trade item number with a wrong check digit",
  ],
  why: "The last digit proves the others. A wrong number names another product or none.",
  source: standard("GS1 General Specifications", "7.9"),
  check(data, report) {
    for (const { property, text, value } of textsIn(data, ({ name }) => LENGTHS.has(name))) {
      const digits = text.trim();
      // A GS1 Digital Link holds its number in an address.
      if (/^https?:/.test(digits)) continue;
      const right = LENGTHS.get(property.name) ?? [];
      if (isGtin(digits) && right.includes(digits.length)) continue;
      const why = !/^\d+$/.test(digits)
        ? "it has digits alone"
        : right.includes(digits.length)
          ? "its last digit does not prove the others"
          : `it has ${right.join(", ")} digits`;
      report({
        message: `${quote(property.written)} is no trade item number: ${quote(text, 30)}; ${why}.`,
        at: placeOf(data, value.place),
      });
    }
  },
});
