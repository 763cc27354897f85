import { titleOf } from "../../page/page.ts";
import { LONGEST_TEXT, plainFacet } from "./facet.ts";

export const title = plainFacet<string>({
  version: 1,
  sees: ["titles"],
  take: (page) => titleOf(page).slice(0, LONGEST_TEXT),
});
