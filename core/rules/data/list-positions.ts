import { textOfValue, valuesOf } from "../../structured-data/graph.ts";
import { isKindOf } from "../../structured-data/vocabulary.ts";
import { guidance } from "../rule.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataListPositions = dataRule({
  id: "data/list-positions",
  weight: "should",
  finds: "doubled or missing positions in a list, and steps of a breadcrumb without an address",
  counted: [
    "# page has structured data with a list whose positions or addresses are missing or doubled",
    "# pages have structured data with a list whose positions or addresses are missing or doubled",
  ],
  why: "The order of a list in the data is its positions, counted from 1. Where two are the same or one is left out, or a step before the last leads nowhere, a breadcrumb is shown in another order, or not at all.",
  source: guidance("search engines' documentation of breadcrumbs and lists"),
  check(data, report) {
    for (const entity of data.entities) {
      if (!entity.types.some((type) => isKindOf(type, "ItemList"))) continue;
      const items = valuesOf(entity, "itemListElement").flatMap((value) =>
        value.kind === "entity" ? [value.entity] : [],
      );
      if (items.length === 0) continue;
      if (entity.types.includes("BreadcrumbList"))
        for (const [i, item] of items.slice(0, -1).entries())
          if (valuesOf(item, "item").every((value) => textOfValue(value) === "" && value.kind === "text"))
            report({
              message: `Step ${i + 1} of this breadcrumb has no address. All but the last one need “item”.`,
              at: placeOf(data, item.typePlace),
            });
      const positions = items.map((item) => textOfValue(valuesOf(item, "position")[0]));
      // A list without any positions has its order as it is written.
      if (positions.every((one) => one === "") && !entity.types.some((type) => isKindOf(type, "BreadcrumbList")))
        continue;
      const seen = new Set<string>();
      for (const [i, item] of items.entries()) {
        const position = positions[i] ?? "";
        const wrong =
          position === ""
            ? "has no position"
            : !/^\d+$/.test(position)
              ? `has the position “${position}”, which is no number`
              : seen.has(position)
                ? `has position ${position}, as another has`
                : null;
        seen.add(position);
        if (wrong) report({ message: `Item ${i + 1} of this list ${wrong}.`, at: placeOf(data, item.typePlace) });
      }
      const numbers = [...seen].filter((one) => /^\d+$/.test(one)).map(Number);
      const most = Math.max(0, ...numbers);
      const missing = Array.from({ length: Math.min(most, 1000) }, (_, i) => i + 1).filter(
        (one) => !numbers.includes(one),
      );
      const [first] = missing;
      if (first !== undefined && numbers.length === items.length)
        report({ message: `Position ${first} is left out in this list.`, at: placeOf(data, entity.typePlace) });
    }
  },
});
