import { NEAR_DESCRIPTIONS } from "../../site/index/near-texts.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { counted, quote } from "../texts.ts";

export const descriptionNearDuplicate = siteRule({
  id: "description/near-duplicate",
  weight: "may",
  finds: "a description that is another page's but for a number or a name",
  counted: [
    "# description is another page’s but for a number or a name",
    "# descriptions are another page’s but for a number or a name",
  ],
  why: "Descriptions made from one mould tell pages apart by a single word, which a hurried reader misses. For a series, such as one page a town, that can be right.",
  source: commonPractice(),
  sees: ["description"],
  check(site, report) {
    for (const { pages, shared } of site.index(NEAR_DESCRIPTIONS).groups()) {
      report({
        message: `${counted(pages.length, "page")} differ in one place of the description only: ${quote(shared)}.`,
        on: site.inOrder(pages).map((page) => ({ page, at: { part: "description" } })),
      });
    }
  },
});
