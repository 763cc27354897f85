import { descriptionOf, titleOf } from "../../page/page.ts";
import { withoutBrand } from "../../settings/without-brand.ts";
import { commonPractice, rule } from "../rule.ts";
import { descriptionRange, titleRange } from "../texts.ts";

export const descriptionSameAsTitle = rule({
  id: "description/same-as-title",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["metas", "titles"],
  fromFacets: true,
  heeds: ["brand"],
  finds: "a description that repeats the title",
  counted: ["# description repeats the title", "# descriptions repeat the title"],
  why: "The result says the same thing twice, and the second line is wasted.",
  source: commonPractice(),
  check(page, report, { houseStyle }) {
    const plain = (text: string) =>
      withoutBrand(text, houseStyle.brand)
        .toLowerCase()
        .replace(/[^\p{L}\p{N}]+/gu, " ")
        .trim();
    const description = plain(descriptionOf(page));
    if (description === "" || description !== plain(titleOf(page))) return;
    report({
      message: "The description says no more than the title.",
      at: { part: "description", range: descriptionRange(page) },
      related: [{ at: { part: "title", range: titleRange(page) } }],
    });
  },
});
