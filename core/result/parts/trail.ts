import { trailOf } from "../trail.ts";
import { featureStates, type PartReader } from "./part.ts";

/** The line of the address: the breadcrumb of the structured data, or host and path. */
export const trail: PartReader = ({ page, data }) => {
  const { trail: shown, trailFromData } = trailOf(page);
  const [state] = featureStates(data, "breadcrumb");
  const why = trailFromData
    ? "The breadcrumb of the page’s structured data takes the place of the path."
    : state
      ? "The path is shown: the page’s breadcrumb lacks something."
      : "The path is shown: the page states no breadcrumb.";
  const needs = trailFromData
    ? []
    : state && state.missing.length > 0
      ? state.missing.map(({ label }) => label)
      : ["a BreadcrumbList with a name for each step"];
  return { id: "trail", label: "Breadcrumb", shown, why, needs, tried: null };
};
