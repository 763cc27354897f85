import { LINK_GRAPH } from "../../site/index/link-graph.ts";
import { commonPractice, siteRule } from "../rule.ts";

export const linkOrphanPage = siteRule({
  id: "link/orphan-page",
  weight: "should",
  finds: "a page to which no other page of the site links",
  counted: ["# page is linked from no other", "# pages are linked from no other"],
  why: "Visitors cannot come to it, and search engines hold what nobody links to for unimportant. Pages for one campaign are meant so at times.",
  source: commonPractice(),
  sees: ["links", "address", "also", "redirectedFrom"],
  check(site, report) {
    const graph = site.index(LINK_GRAPH);
    if (graph.targets() === 0 || site.pages.size < 3) return;
    const home = graph.home();
    for (const page of site.inOrder(graph.withoutIncoming())) {
      if (page === home) continue;
      report({ message: "No other page of the site links to this one.", on: [{ page, at: { part: "markup" } }] });
    }
  },
});
