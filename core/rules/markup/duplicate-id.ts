import type { Range } from "../../page/page.ts";
import { rule, standard } from "../rule.ts";
import { counted } from "../texts.ts";

export const markupDuplicateId = rule({
  id: "markup/duplicate-id",
  weight: "must",
  formats: ["html"],
  sees: ["ids"],
  finds: "an id that several elements bear",
  counted: ["# page has an id on several elements", "# pages have an id on several elements"],
  why: "An id names one element. Links, labels and scripts find the first one only, which may be the wrong one.",
  source: standard("HTML Living Standard 3.2.6 (the id attribute); axe-core duplicate-id"),
  check(page, report) {
    const seen = new Map<string, Range[]>();
    for (const { id, range } of page.ids) {
      const bearers = seen.get(id);
      if (bearers) bearers.push(range);
      else seen.set(id, [range]);
    }
    for (const [id, bearers] of seen) {
      const second = bearers[1];
      if (!second) continue;
      report({
        message: `The id “${id}” is borne by ${counted(bearers.length, "element")}.`,
        at: { part: "markup", range: second },
      });
    }
  },
});
