import { inOtherCase, nearest, nearestTerms, propertiesOf, vocabulary } from "../../structured-data/vocabulary.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataUnknownProperty = dataRule({
  id: "data/unknown-property",
  weight: "must",
  finds: "a property that schema.org does not know",
  counted: [
    "# page has structured data with a property that schema.org does not know",
    "# pages have structured data with a property that schema.org does not know",
  ],
  why: "What an unknown property says is passed over.",
  source: standard("schema.org"),
  check(data, report) {
    const { properties } = vocabulary();
    for (const entity of data.entities) {
      for (const { name, written, place } of entity.properties) {
        // “query-input” says what an action asks for (schema.org, Actions: -input and -output).
        if (properties.has(name.replace(/-(?:input|output)$/, "")) && !properties.has(name)) continue;
        if (name.includes(":") || properties.has(name) || inOtherCase(name, properties)) continue;
        const own = entity.types.flatMap((type) => propertiesOf(type).map((one) => one.name));
        const near = [...new Set([...nearest(name, own), ...nearestTerms(name, "properties")])].slice(0, 3);
        report({
          message: `schema.org has no property ${quote(written)}.${near.length > 0 ? ` Nearest: ${near.join(", ")}.` : ""}`,
          at: placeOf(data, place, "key"),
        });
      }
    }
  },
});
