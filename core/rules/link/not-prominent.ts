import { LINK_GRAPH } from "../../site/index/link-graph.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { quote } from "../texts.ts";

export const linkNotProminent = siteRule({
  id: "link/not-prominent",
  weight: "may",
  finds: "a page with a target phrase to which the start page does not link, or only from its footer",
  counted: [
    "# page with a target phrase is not linked from the start page",
    "# pages with a target phrase are not linked from the start page",
  ],
  why: "A page with a target phrase should be near the site’s front door. With hundreds of such pages that cannot be, and lists between do it.",
  source: commonPractice(),
  sees: ["phrase", "links", "address", "also", "redirectedFrom"],
  check(site, report) {
    const graph = site.index(LINK_GRAPH);
    const home = graph.home();
    if (!home) return;
    const wanted = [...site.pages.values()].filter(({ phrase }) => phrase);
    // Where most pages have a phrase, the start page cannot name them all.
    if (wanted.length > 50) return;
    for (const page of wanted) {
      if (page === home) continue;
      const links = graph.incoming(page.id).filter(({ from }) => from === home);
      if (links.some(({ zone }) => zone !== "foot")) continue;
      report({
        message: `The start page ${links.length > 0 ? "links to this page from its footer only" : "does not link to this page"}, whose target phrase is ${quote(page.phrase ?? "", 40)}.`,
        on: [{ page, at: { part: "markup" }, related: [{ at: { part: "markup" }, page: home }] }],
      });
    }
  },
});
