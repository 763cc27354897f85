import { LINK_GRAPH } from "../../site/index/link-graph.ts";
import { guidance, siteRule } from "../rule.ts";
import { counted } from "../texts.ts";

export const headNoindexInMenu = siteRule({
  id: "head/noindex-in-menu",
  weight: "must",
  finds: "a page that search engines may not list, though a menu links to it or a sitemap names it",
  counted: [
    "# page is kept out of search though a menu or sitemap names it",
    "# pages are kept out of search though a menu or sitemap names them",
  ],
  why: "What the site leads its visitors to is hardly meant to be hidden from search. Mostly noindex was left over from the time before the page was published.",
  source: guidance("search engines' documentation of the robots meta element and of sitemaps"),
  sees: ["noindex", "inSitemap", "links", "address", "also", "redirectedFrom"],
  check(site, report) {
    const hidden = [...site.pages.values()].filter(({ noindex }) => noindex);
    for (const page of hidden) {
      const links = site.index(LINK_GRAPH).incoming(page.id);
      const menus = links.filter(({ zone }) => zone === "menu").length;
      if (menus === 0 && !page.inSitemap) continue;
      const by = [
        menus > 0 ? `the menu of ${counted(menus, "page")} links to it` : "",
        page.inSitemap ? "a sitemap names it" : "",
      ];
      report({
        message: `Search engines may not list this page, though ${by.filter(Boolean).join(" and ")}.`,
        on: [{ page, at: { part: "head" } }],
      });
    }
  },
});
