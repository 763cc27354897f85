import { schemaName, textOfValue } from "../../structured-data/graph.ts";
import { vocabulary } from "../../structured-data/vocabulary.ts";
import { standard } from "../rule.ts";
import { listed, quote } from "../texts.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataSuperseded = dataRule({
  id: "data/superseded",
  weight: "may",
  finds: "a type or property that schema.org has replaced",
  counted: [
    "# page has structured data with a type or property that schema.org has replaced",
    "# pages have structured data with a type or property that schema.org has replaced",
  ],
  why: "The old name is still read by most, for how long nobody says.",
  source: standard("schema.org", "supersededBy"),
  check(data, report) {
    const { types, properties, members } = vocabulary();
    const messageFor = (what: string, newer: readonly string[]) =>
      `${quote(what)} has been replaced by ${listed(newer)}.`;
    for (const entity of data.entities) {
      for (const type of entity.types) {
        const newer = types.get(type)?.supersededBy ?? [];
        if (newer.length > 0) report({ message: messageFor(type, newer), at: placeOf(data, entity.typePlace) });
      }
      for (const { name, place: at, values } of entity.properties) {
        const newer = properties.get(name)?.supersededBy ?? [];
        if (newer.length > 0) report({ message: messageFor(name, newer), at: placeOf(data, at, "key") });
        for (const value of values) {
          const member = schemaName(textOfValue(value));
          const later = (member && members.get(member)?.supersededBy) || [];
          if (member && later.length > 0)
            report({ message: messageFor(member, later), at: placeOf(data, value.place) });
        }
      }
    }
  },
});
