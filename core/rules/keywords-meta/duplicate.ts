import { SAME_KEYWORDS } from "../../site/index/same-texts.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { counted, quote } from "../texts.ts";

export const keywordsMetaDuplicate = siteRule({
  id: "keywords-meta/duplicate",
  weight: "may",
  finds: "meta keywords that other pages have too",
  counted: [
    "# page has meta keywords that other pages have too",
    "# pages have meta keywords that other pages have too",
  ],
  hasFix: true,
  why: "The same list on many pages was put there by a template, and says nothing about any of them.",
  source: commonPractice(),
  sees: ["keywords"],
  check(site, report) {
    for (const ids of site.index(SAME_KEYWORDS).groups()) {
      const group = site.inOrder(ids);
      report({
        message: `${counted(group.length, "page")} have the same meta keywords: ${quote(group[0]?.keywords ?? "")}.`,
        on: group.map((page) => ({
          page,
          at: { part: "head" },
          fix: {
            label: "Take the meta keywords out",
            edits: [{ op: "set-keywords", value: "", was: page.keywords }],
          },
        })),
      });
    }
  },
});
