import { LINK_GRAPH, wordsOfLink } from "../../site/index/link-graph.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { counted, quote } from "../texts.ts";
import { onEach } from "./on-each.ts";

/** Files that are no pages: whether they are there cannot be known. */
const NO_PAGE = /\.(?!html?$|php$|aspx?$|jsp$|cfm$)[a-z0-9]{2,5}$/i;

export const linkBroken = siteRule({
  id: "link/broken",
  weight: "must",
  finds: "a link to a page of the site that is not there",
  counted: ["# page has a broken link", "# pages have broken links"],
  why: "Visitors meet an error page. It is found by the pages that were brought in: where less than three quarters of what the site links to is here, nothing is said, since the rest may well be there.",
  source: commonPractice(),
  sees: ["links", "address", "also", "redirectedFrom"],
  check(site, report) {
    const graph = site.index(LINK_GRAPH);
    const missing = [...graph.astray()].filter(
      ({ to, redirectsTo }) => redirectsTo === null && !NO_PAGE.test(to.split("?")[0] ?? ""),
    );
    if (missing.length * 4 > graph.targets()) return;
    for (const { to, links: all } of missing) {
      const links = all();
      const [words] = links.map(wordsOfLink).filter(Boolean);
      report({
        message: `${counted(links.length, "page")} ${links.length === 1 ? "links" : "link"} to ${to}, which is not there${words ? ` (${quote(words, 40)})` : ""}.`,
        on: onEach(links),
      });
    }
  },
});
