import { robotsOf } from "../../page/robots-directives.ts";
import { guidance, rule } from "../rule.ts";

export const headNoindex = rule({
  id: "head/noindex",
  weight: "may",
  formats: ["html"],
  sees: ["metas", "headers"],
  finds: "a page that search engines may not list",
  counted: ["# page is kept out of search", "# pages are kept out of search"],
  why: "Often it is meant so, for a page of thanks or a search of one's own. Often enough it was left over from the time before the site went public.",
  source: guidance("search engines' documentation of the robots meta element"),
  check(page, report) {
    const robots = robotsOf(page);
    if (!robots.noindex) return;
    const by = robots.stated.find(({ name }) => name === "noindex" || name === "none");
    report({
      message: `Search engines may not list this page: ${by?.by === "header" ? "the server's X-Robots-Tag header" : `the meta element ${by?.agent}`} says ${by?.name}.`,
      at: { part: "head", range: page.metas.find((meta) => meta.name === by?.agent)?.range ?? null },
    });
  },
});
