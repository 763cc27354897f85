import { inOtherCase, vocabulary } from "../../structured-data/vocabulary.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataTypeCase = dataRule({
  id: "data/type-case",
  weight: "must",
  finds: "a type or property in the wrong case",
  counted: [
    "# page has structured data with a type or property in the wrong case",
    "# pages have structured data with a type or property in the wrong case",
  ],
  why: "Names of schema.org are told apart by case: Product is a type, product is none.",
  source: standard("JSON-LD 1.1", "section 4.1"),
  check(data, report) {
    const { types, properties } = vocabulary();
    for (const entity of data.entities) {
      for (const type of entity.types) {
        const meant = types.has(type) ? null : inOtherCase(type, types);
        if (meant)
          report({ message: `Write the type ${quote(type)} as ${meant}.`, at: placeOf(data, entity.typePlace) });
      }
      for (const { name, written, place } of entity.properties) {
        const meant = properties.has(name) ? null : inOtherCase(name, properties);
        if (meant)
          report({ message: `Write the property ${quote(written)} as ${meant}.`, at: placeOf(data, place, "key") });
      }
    }
  },
});
