import { duplicates } from "../../site/duplicates.ts";
import { commonPractice, type SiteRule } from "../rule.ts";
import { counted, quote } from "../texts.ts";

export const keywordsMetaDuplicate: SiteRule = {
  id: "keywords-meta/duplicate",
  weight: "may",
  finds: "meta keywords that other pages have too",
  why: "The same list on many pages was put there by a template, and says nothing about any of them.",
  source: commonPractice(),
  *checkSite(pages) {
    for (const group of duplicates(pages, (page) => page.keywords)) {
      yield {
        message: `${counted(group.length, "page")} have the same meta keywords: ${quote(group[0]?.keywords ?? "")}.`,
        pages: group.map((page) => page.id),
      };
    }
  },
};
