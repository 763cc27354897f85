import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const breadcrumb: Feature = {
  id: "breadcrumb",
  shows: "breadcrumb instead of the address",
  types: ["BreadcrumbList"],
  required: [
    needs("itemListElement", "its steps"),
    needs("itemListElement.position", "a position of each step", "itemListElement"),
    needs(["itemListElement.name", "itemListElement.item.name"], "a name of each step", "itemListElement"),
  ],
  recommended: [],
  source: REMEMBERED,
};
