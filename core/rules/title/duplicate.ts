import { duplicates } from "../../site/duplicates.ts";
import { type SiteRule, standard } from "../rule.ts";
import { counted, quote } from "../texts.ts";

export const titleDuplicate: SiteRule = {
  id: "title/duplicate",
  weight: "should",
  finds: "a title that other pages have too",
  why: "Two results with one title look like one page; a searcher cannot choose, and with many tabs open nobody finds the right one.",
  source: standard("WCAG 2.2 technique G88"),
  *checkSite(pages) {
    for (const group of duplicates(pages, (page) => page.title)) {
      yield {
        message: `${counted(group.length, "page")} have the title ${quote(group[0]?.title ?? "")}.`,
        pages: group.map((page) => page.id),
      };
    }
  },
};
