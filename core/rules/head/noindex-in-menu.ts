import { linkGraph } from "../../site/link-graph.ts";
import { guidance, siteRule } from "../rule.ts";
import { counted } from "../texts.ts";

export const headNoindexInMenu = siteRule({
  id: "head/noindex-in-menu",
  weight: "must",
  finds: "a page that search engines may not list, though a menu links to it or a sitemap names it",
  why: "What the site leads its visitors to is hardly meant to be hidden from search. Mostly noindex was left over from the time before the page was published.",
  source: guidance("search engines' documentation of the robots meta element and of sitemaps"),
  *check(pages) {
    const hidden = pages.filter(({ noindex }) => noindex);
    if (hidden.length === 0) return;
    const { incoming } = linkGraph(pages);
    for (const page of hidden) {
      const menus = (incoming.get(page.id) ?? []).filter(({ link }) => link.zone === "menu").length;
      if (menus === 0 && !page.inSitemap) continue;
      const by = [
        menus > 0 ? `the menu of ${counted(menus, "page")} links to it` : "",
        page.inSitemap ? "a sitemap names it" : "",
      ];
      yield {
        message: `Search engines may not list this page, though ${by.filter(Boolean).join(" and ")}.`,
        on: [{ page, at: { part: "head" } }],
      };
    }
  },
});
