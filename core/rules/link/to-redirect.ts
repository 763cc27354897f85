import { pathOf } from "../../address/address.ts";
import { linkGraph } from "../../site/link-graph.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { counted } from "../texts.ts";
import { onEach } from "./on-each.ts";

export const linkToRedirect = siteRule({
  id: "link/to-redirect",
  weight: "may",
  finds: "a link to an address of the site that redirects elsewhere",
  why: "Each redirect costs visitors a moment, and search engines one more request. It is known of addresses that were fetched; where only .html or a slash at the end differs, nothing is said.",
  source: commonPractice(),
  *check(pages) {
    for (const [key, links] of linkGraph(pages).redirected) {
      const path = key.slice(key.indexOf("/"));
      const [first] = links;
      if (!first) continue;
      yield {
        message: `${counted(links.length, "page")} ${links.length === 1 ? "links" : "link"} to ${path}, which redirects to ${pathOf(first.to.address)}.`,
        on: onEach(links),
      };
    }
  },
});
