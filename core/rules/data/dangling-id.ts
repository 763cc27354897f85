import { organisationId } from "../../compose/recognise/organisation.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, valuesIn } from "./data-rule.ts";

export const dataDanglingId = dataRule({
  id: "data/dangling-id",
  weight: "should",
  heeds: ["data"],
  finds: "a reference to an entity that is not there",
  counted: [
    "# page has structured data that refers to an entity that is not there",
    "# pages have structured data that refers to an entity that is not there",
  ],
  why: "An entity that is named by its address alone must be described somewhere, on this page at best.",
  source: standard("JSON-LD 1.1", "section 3.5"),
  check(data, report, { page, houseStyle }) {
    // Whoever runs the site may be described on its home page alone.
    const known = houseStyle.data?.organisation && organisationId(page.address);
    for (const { property, value, entity } of valuesIn(data)) {
      if (value.kind !== "reference" || entity.syntax !== "json-ld" || data.byId.has(value.id)) continue;
      // Plain addresses may lead to other pages, pictures and people; those with a fragment name an entity.
      if ((!value.id.startsWith("_:") && !value.id.includes("#")) || value.id === known) continue;
      report({
        message: `${quote(property.written)} leads to ${quote(value.id, 80)}, and no entity of this page bears that @id.`,
        at: placeOf(data, value.place),
      });
    }
  },
});
