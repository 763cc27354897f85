import { duplicates } from "../../site/duplicates.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { counted, quote } from "../texts.ts";

export const keywordsMetaDuplicate = siteRule({
  id: "keywords-meta/duplicate",
  weight: "may",
  finds: "meta keywords that other pages have too",
  why: "The same list on many pages was put there by a template, and says nothing about any of them.",
  source: commonPractice(),
  *check(pages) {
    for (const group of duplicates(pages, (page) => page.keywords)) {
      yield {
        message: `${counted(group.length, "page")} have the same meta keywords: ${quote(group[0]?.keywords ?? "")}.`,
        on: group.map((page) => ({ page, at: { part: "head" } })),
      };
    }
  },
});
