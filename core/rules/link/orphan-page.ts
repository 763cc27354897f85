import { linkGraph } from "../../site/link-graph.ts";
import { commonPractice, siteRule } from "../rule.ts";

export const linkOrphanPage = siteRule({
  id: "link/orphan-page",
  weight: "should",
  finds: "a page to which no other page of the site links",
  why: "Visitors cannot come to it, and search engines hold what nobody links to for unimportant. Pages for one campaign are meant so at times.",
  source: commonPractice(),
  *check(pages) {
    const { incoming, home, targets } = linkGraph(pages);
    if (targets === 0 || pages.length < 3) return;
    for (const page of pages) {
      if (page === home || incoming.has(page.id)) continue;
      yield { message: "No other page of the site links to this one.", on: [{ page, at: { part: "markup" } }] };
    }
  },
});
