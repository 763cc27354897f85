import { NEAR_TITLES } from "../../site/index/near-texts.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { counted, quote } from "../texts.ts";

export const titleNearDuplicate = siteRule({
  id: "title/near-duplicate",
  weight: "may",
  finds: "a title that is another page's but for a number or a name",
  counted: [
    "# title is another page’s but for a number or a name",
    "# titles are another page’s but for a number or a name",
  ],
  why: "Titles made from one mould tell pages apart by a single word, which a hurried reader misses. For a series, such as one page a town, that can be right.",
  source: commonPractice(),
  sees: ["title"],
  check(site, report) {
    for (const { pages, shared } of site.index(NEAR_TITLES).groups()) {
      report({
        message: `${counted(pages.length, "page")} differ in one place of the title only: ${quote(shared)}.`,
        on: site.inOrder(pages).map((page) => ({ page, at: { part: "title" } })),
      });
    }
  },
});
