import { robotsOf } from "../../page/robots-directives.ts";
import { plainFacet } from "./facet.ts";

/** Search engines may not list it. */
export const noindex = plainFacet<boolean>({
  version: 1,
  sees: ["metas", "headers"],
  take: (page) => robotsOf(page).noindex,
});
