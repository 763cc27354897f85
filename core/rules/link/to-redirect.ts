import { pathOf } from "../../address/address.ts";
import { LINK_GRAPH } from "../../site/index/link-graph.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { counted } from "../texts.ts";
import { onEach } from "./on-each.ts";

export const linkToRedirect = siteRule({
  id: "link/to-redirect",
  weight: "may",
  finds: "a link to an address of the site that redirects elsewhere",
  counted: ["# page links to an address that redirects", "# pages link to an address that redirects"],
  hasFix: true,
  why: "Each redirect costs visitors a moment, and search engines one more request. It is known of addresses that were fetched; where only .html or a slash at the end differs, nothing is said.",
  source: commonPractice(),
  sees: ["links", "address", "also", "redirectedFrom"],
  check(site, report) {
    for (const { to, links: all, redirectsTo } of site.index(LINK_GRAPH).astray()) {
      if (!redirectsTo) continue;
      const links = all();
      report({
        message: `${counted(links.length, "page")} ${links.length === 1 ? "links" : "link"} to ${to}, which redirects to ${pathOf(redirectsTo.address)}.`,
        on: onEach(links).map((one) => ({
          ...one,
          fix: {
            label: `Link to ${pathOf(redirectsTo.address)}`,
            relink: { from: to, to: redirectsTo.address },
          },
        })),
      });
    }
  },
});
