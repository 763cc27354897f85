import { SAME_DESCRIPTIONS } from "../../site/index/same-texts.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { counted, quote } from "../texts.ts";

export const descriptionDuplicate = siteRule({
  id: "description/duplicate",
  weight: "should",
  finds: "a description that other pages have too",
  counted: [
    "# page has a description that other pages have too",
    "# pages have descriptions that other pages have too",
  ],
  why: "A description that fits several pages describes none of them.",
  source: commonPractice(),
  sees: ["description"],
  check(site, report) {
    for (const ids of site.index(SAME_DESCRIPTIONS).groups()) {
      const group = site.inOrder(ids);
      report({
        message: `${counted(group.length, "page")} have the description ${quote(group[0]?.description ?? "")}.`,
        on: group.map((page) => ({ page, at: { part: "description" } })),
      });
    }
  },
});
