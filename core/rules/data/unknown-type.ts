import { inOtherCase, nearestTerms, vocabulary } from "../../structured-data/vocabulary.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataUnknownType = dataRule({
  id: "data/unknown-type",
  weight: "must",
  finds: "a type that schema.org does not know",
  counted: [
    "# page has structured data with a type that schema.org does not know",
    "# pages have structured data with a type that schema.org does not know",
  ],
  why: "An unknown type says nothing to anybody. Mostly it is a slip of the pen, or a word that was taken for a type.",
  source: standard("schema.org"),
  check(data, report) {
    const { types } = vocabulary();
    for (const entity of data.entities) {
      for (const type of entity.types) {
        if (type.includes(":") || types.has(type) || inOtherCase(type, types)) continue;
        const near = nearestTerms(type, "types");
        report({
          message: `schema.org has no type ${quote(type)}.${near.length > 0 ? ` Nearest: ${near.join(", ")}.` : ""}`,
          at: placeOf(data, entity.typePlace),
        });
      }
      if (entity.types.length === 0 && entity.properties.length > 0 && entity.within === null && entity.id === null)
        report({ message: "This entity has no type: nobody can tell what it is.", at: placeOf(data, entity.place) });
    }
  },
});
