import { pathOf } from "../../address/address.ts";
import { targetOf } from "../../address/link-target.ts";
import { facetOf } from "../../site/facets/page-facets.ts";
import { LINK_GRAPH } from "../../site/index/link-graph.ts";
import { guidance, siteRule } from "../rule.ts";

export const alternateNoReturn = siteRule({
  id: "alternate/no-return",
  weight: "should",
  finds: "a version in another language that does not name this page in return",
  counted: [
    "# page is not named in return by its version in another language",
    "# pages are not named in return by their version in another language",
  ],
  why: "Search engines heed hreflang only where both pages name each other; else anybody could claim to be a version of somebody's page. It is seen of pages that were brought in.",
  source: guidance("search engines' documentation of hreflang: return links"),
  sees: ["alternates", "address", "also", "links", "redirectedFrom"],
  check(site, report) {
    const named = [...site.pages.values()].filter(({ alternates }) => alternates !== "");
    for (const page of named) {
      const own = targetOf(page.address);
      for (const { language, address } of facetOf(page, "alternates")) {
        const other = site.index(LINK_GRAPH).pageAt(targetOf(address) ?? "");
        if (!other || other === page) continue;
        if (facetOf(other, "alternates").some((one) => targetOf(one.address) === own)) continue;
        report({
          message: `The page ${pathOf(other.address)} is named as its version in “${language}” and does not name this page in return.`,
          on: [{ page, at: { part: "head" }, about: language, related: [{ at: { part: "head" }, page: other }] }],
        });
      }
    }
  },
});
