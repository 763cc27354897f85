import { emptyPage } from "../../page/empty.ts";
import { statedMeta } from "../../page/fields.ts";
import { keyHeadings, plainHeading } from "../../page/headings.ts";
import { originalFromText } from "../../page/original.ts";
import type { Page } from "../../page/page.ts";
import { facetOf, type PageFacets } from "./page-facets.ts";

/** A page as far as its facets tell it: rules that say `fromFacets` find on it what they find on the page. */
export function pageOfFacets(
  facets: Pick<PageFacets, "address" | "title" | "description" | "language" | "headings">,
): Page {
  const { address, title, description, language } = facets;
  const page = emptyPage(address, " ", originalFromText(" "));
  page.titles = title ? [{ text: title, where: "head", range: null }] : [];
  page.metas = description ? [statedMeta("description", description)] : [];
  page.language = language ? { value: language, range: { start: 0, end: 0 } } : null;
  page.headings = Array.from(facetOf(facets, "headings"), ([level, text]) => plainHeading(level, text));
  keyHeadings(page.headings);
  return page;
}
