import { isOpeningHours, isTime } from "../../structured-data/formats.ts";
import { textOfValue, valuesOf } from "../../structured-data/graph.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn } from "./data-rule.ts";

export const dataOpeningHours = dataRule({
  id: "data/opening-hours",
  weight: "must",
  finds: "opening hours that cannot be read",
  counted: [
    "# page has structured data with opening hours that cannot be read",
    "# pages have structured data with opening hours that cannot be read",
  ],
  why: "Hours are written “Mo-Fr 09:00-17:00”, or as entities with opens and closes.",
  source: standard("schema.org", "openingHours"),
  check(data, report) {
    for (const { text, value } of textsIn(data, ({ name }) => name === "openingHours")) {
      if (!isOpeningHours(text))
        report({
          message: `${quote(text, 40)} cannot be read as opening hours. Write them like “Mo-Fr 09:00-17:00”.`,
          at: placeOf(data, value.place),
        });
    }
    for (const entity of data.entities) {
      if (!entity.types.includes("OpeningHoursSpecification")) continue;
      const [opens] = valuesOf(entity, "opens");
      const [closes] = valuesOf(entity, "closes");
      for (const one of [opens, closes]) {
        if (one && !isTime(textOfValue(one)))
          report({
            message: `${quote(textOfValue(one), 30)} is no time of day. Write it like 09:30.`,
            at: placeOf(data, one.place),
          });
      }
      if (!opens !== !closes) {
        const half = opens ? "opens and not when it closes" : "closes and not when it opens";
        report({ message: `It says when it ${half}.`, at: placeOf(data, entity.place) });
      }
    }
  },
});
