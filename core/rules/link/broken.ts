import { linkGraph } from "../../site/link-graph.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { counted, quote } from "../texts.ts";
import { onEach } from "./on-each.ts";

/** Files that are no pages: whether they are there cannot be known. */
const NO_PAGE = /\.(?!html?$|php$|aspx?$|jsp$|cfm$)[a-z0-9]{2,5}$/i;

export const linkBroken = siteRule({
  id: "link/broken",
  weight: "must",
  finds: "a link to a page of the site that is not there",
  why: "Visitors meet an error page. It is found by the pages that were brought in: where less than three quarters of what the site links to is here, nothing is said, since the rest may well be there.",
  source: commonPractice(),
  *check(pages) {
    const { unknown, targets } = linkGraph(pages);
    const missing = [...unknown].filter(([key]) => !NO_PAGE.test(key.split("?")[0] ?? ""));
    if (missing.length * 4 > targets) return;
    for (const [key, links] of missing) {
      const path = key.slice(key.indexOf("/"));
      yield {
        message: `${counted(links.length, "page")} ${links.length === 1 ? "links" : "link"} to ${path}, which is not there${links[0]?.link.text ? ` (${quote(links[0].link.text, 40)})` : ""}.`,
        on: onEach(links),
      };
    }
  },
});
