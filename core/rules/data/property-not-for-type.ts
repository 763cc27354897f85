import { isKindOf, vocabulary } from "../../structured-data/vocabulary.ts";
import { standard } from "../rule.ts";
import { listed, quote } from "../texts.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataPropertyNotForType = dataRule({
  id: "data/property-not-for-type",
  weight: "should",
  finds: "a property that is not meant for its entity’s type",
  counted: [
    "# page has structured data with a property that is not meant for its entity’s type",
    "# pages have structured data with a property that is not meant for its entity’s type",
  ],
  why: "schema.org says for which types a property is meant. Others may still read it, and nobody has to.",
  source: standard("schema.org", "domainIncludes"),
  check(data, report) {
    const { types } = vocabulary();
    for (const { types: own, properties } of data.entities) {
      if (own.length === 0 || !own.every((type) => types.has(type))) continue;
      // A role stands between a property and its value, and bears the property itself (schema.org, Role).
      if (own.some((type) => isKindOf(type, "Role"))) continue;
      for (const { name, written, place } of properties) {
        const term = vocabulary().properties.get(name);
        if (!term || term.domains.length === 0) continue;
        if (term.domains.some((domain) => own.some((type) => isKindOf(type, domain)))) continue;
        report({
          message: `${quote(written)} is meant for ${listed(term.domains)}, not for ${own.join(", ")}.`,
          at: placeOf(data, place, "key"),
        });
      }
    }
  },
});
