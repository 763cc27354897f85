import { hostOf } from "../../address/link-target.ts";
import { facetOf, type PageFacets } from "../../site/facets/page-facets.ts";
import { LINK_GRAPH } from "../../site/index/link-graph.ts";
import { siteRule, standard } from "../rule.ts";
import { decodeFragment } from "./fragment.ts";

export const linkFragmentMissingElsewhere = siteRule({
  id: "link/fragment-missing-elsewhere",
  weight: "should",
  finds: "a link to a place on another page that is not there",
  counted: [
    "# page links to a place on another page that is not there",
    "# pages link to a place on another page that is not there",
  ],
  why: "The other page opens at its top, and visitors look for what they were promised. Mostly the id was renamed. Places that a script makes cannot be seen.",
  source: standard("HTML Living Standard 7.4.6.4 (scrolling to a fragment)"),
  sees: ["fragments", "ids", "address", "also", "links", "redirectedFrom"],
  check(site, report) {
    const graph = site.index(LINK_GRAPH);
    const known = new Map<string, ReadonlySet<string> | null>();
    const idsOf = (page: PageFacets): ReadonlySet<string> | null => {
      let ids = known.get(page.id);
      if (ids === undefined) {
        const facet = facetOf(page, "ids");
        ids = facet.all ? new Set(facet.ids) : null;
        known.set(page.id, ids);
      }
      return ids;
    };
    for (const from of site.pages.values()) {
      if (from.fragments === "") continue;
      const host = hostOf(from.address);
      for (const { to, fragment } of facetOf(from, "fragments")) {
        const other = graph.pageAt(host + to);
        const there = other && idsOf(other);
        const plain = decodeFragment(fragment);
        if (!other || !there || plain === null || there.has(plain) || there.has(fragment)) continue;
        report({
          message: `Nothing on ${to} bears the id of the link to ${to}#${plain}.`,
          on: [
            {
              page: from,
              at: { part: "link", to, fragment },
              related: [{ at: { part: "markup" }, page: other }],
            },
          ],
        });
      }
    }
  },
});
