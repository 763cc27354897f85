import { descriptionOf } from "../../page/page.ts";
import { LONGEST_TEXT, plainFacet } from "./facet.ts";

export const description = plainFacet<string>({
  version: 1,
  sees: ["metas"],
  take: (page) => descriptionOf(page).slice(0, LONGEST_TEXT),
});
