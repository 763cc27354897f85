import { collapse } from "../../page/page.ts";
import { LONGEST_TEXT, plainFacet } from "./facet.ts";

/** The meta keywords. */
export const keywords = plainFacet<string>({
  version: 1,
  sees: ["metas"],
  take: (page) => collapse(page.metas.find(({ name }) => name === "keywords")?.content ?? "").slice(0, LONGEST_TEXT),
});
