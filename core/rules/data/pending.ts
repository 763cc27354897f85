import { vocabulary } from "../../structured-data/vocabulary.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataPending = dataRule({
  id: "data/pending",
  weight: "may",
  finds: "a type or property that is only proposed",
  counted: [
    "# page has structured data with a type or property that is only proposed",
    "# pages have structured data with a type or property that is only proposed",
  ],
  why: "Terms that are pending may change or go. Some are read by search engines all the same.",
  source: standard("schema.org", "pending"),
  check(data, report) {
    const { types, properties } = vocabulary();
    for (const entity of data.entities) {
      for (const type of entity.types)
        if (types.get(type)?.pending)
          report({ message: `The type ${quote(type)} is only proposed.`, at: placeOf(data, entity.typePlace) });
      for (const { name, place } of entity.properties)
        if (properties.get(name)?.pending)
          report({ message: `The property ${quote(name)} is only proposed.`, at: placeOf(data, place, "key") });
    }
  },
});
