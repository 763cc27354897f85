import { nameOf } from "../../structured-data/graph.ts";
import { isKindOf } from "../../structured-data/vocabulary.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataDuplicateIdConflict = dataRule({
  id: "data/duplicate-id-conflict",
  weight: "must",
  finds: "two entities of one @id that say different things",
  counted: [
    "# page has structured data with two entities of one @id that differ",
    "# pages have structured data with two entities of one @id that differ",
  ],
  why: "Entities of one @id are one: two names or types of it contradict each other.",
  source: standard("JSON-LD 1.1", "section 3.5"),
  check(data, report) {
    for (const [id, [first, ...others]] of data.byId) {
      if (!first) continue;
      for (const other of others) {
        const bears = `Two entities bear the @id ${quote(id, 60)}:`;
        const [name, otherName] = [nameOf(first), nameOf(other)];
        const kin = (a: string, b: string) => isKindOf(a, b) || isKindOf(b, a);
        const strangers =
          first.types.length > 0 &&
          other.types.length > 0 &&
          !first.types.some((type) => other.types.some((own) => kin(own, type)));
        if (name && otherName && name !== otherName)
          report({
            message: `${bears} one is called ${quote(name, 40)}, the other ${quote(otherName, 40)}.`,
            at: placeOf(data, other.place),
          });
        else if (strangers)
          report({
            message: `${bears} one is ${first.types.join(", ")}, the other ${other.types.join(", ")}.`,
            at: placeOf(data, other.place),
          });
      }
    }
  },
});
