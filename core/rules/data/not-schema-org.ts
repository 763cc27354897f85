import { commonPractice } from "../rule.ts";
import { quote } from "../texts.ts";
import { isMistyped } from "./context-unknown.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataNotSchemaOrg = dataRule({
  id: "data/not-schema-org",
  weight: "may",
  finds: "structured data in another vocabulary than schema.org",
  counted: ["# page has structured data in another vocabulary", "# pages have structured data in another vocabulary"],
  why: "Search features are made from schema.org. Another vocabulary may be meant for somebody else. Addresses of contexts are never fetched.",
  source: commonPractice(),
  check(data, report) {
    for (const { kind, address, place } of data.notes) {
      // A missing or mistyped one weighs more: data/context-unknown.
      if (kind === "unknown" && !isMistyped(address))
        report({
          message: `The context ${quote(address)} is not schema.org’s. It is never fetched, so that what depends on it is not read.`,
          at: placeOf(data, place),
        });
    }
    for (const entity of data.entities) {
      const [first] = entity.types;
      if (first && entity.types.every((type) => type.includes(":")))
        report({ message: `${quote(first)} is no type of schema.org.`, at: placeOf(data, entity.typePlace) });
    }
  },
});
