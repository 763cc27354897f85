import { addressOn, type Page } from "../../page/page.ts";
import { type Entity, textOf, textOfValue, valuesOf } from "../../structured-data/graph.ts";
import { commonPractice } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, isAlone, placeOf } from "./data-rule.ts";

export const dataBreadcrumbUnlikeAddress = dataRule({
  id: "data/breadcrumb-unlike-address",
  weight: "may",
  finds: "a breadcrumb that does not lead the way of the address",
  counted: [
    "# page has structured data with a breadcrumb that does not follow its address",
    "# pages have structured data with a breadcrumb that does not follow their address",
  ],
  why: "A trail that goes another way than the address may be meant so, or was copied from another page.",
  source: commonPractice(),
  sees: ["blocks"],
  check(data, report, { page }) {
    if (isAlone(page)) return;
    for (const entity of data.entities) {
      if (!entity.types.includes("BreadcrumbList")) continue;
      const items = valuesOf(entity, "itemListElement").flatMap((value) =>
        value.kind === "entity" ? [value.entity] : [],
      );
      const last = items.map((item) => addressOf(item, page)).findLast((one) => one !== null);
      if (!last) continue;
      const path = (address: string) => new URL(address).pathname.replace(/(?:\/index)?(?:\.html?)?\/?$/, "");
      if (path(page.address) === path(last) || path(page.address).startsWith(`${path(last)}/`)) continue;
      report({
        message: `The breadcrumb ends at ${quote(path(last) || "/", 60)}, and the page stands at ${quote(path(page.address) || "/", 60)}.`,
        at: placeOf(data, entity.place),
      });
    }
  },
});

function addressOf(item: Entity, page: Page): string | null {
  const [value] = valuesOf(item, "item");
  const text = value?.kind === "entity" ? (value.entity.id ?? textOf(value.entity, "url")) : textOfValue(value);
  const resolved = text ? addressOn(page, text) : null;
  return resolved?.startsWith("http") ? resolved : null;
}
