import { titleOf } from "../../page/page.ts";
import { onceBranded } from "../../settings/without-brand.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote, titleRange } from "../texts.ts";

export const titleBrandDoubled = rule({
  id: "title/brand-doubled",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["titles"],
  fromFacets: true,
  heeds: ["brand", "separator"],
  finds: "the site's name twice in a title",
  counted: ["# title has the site’s name twice", "# titles have the site’s name twice"],
  hasFix: true,
  why: "It happens when an editor types the name and the publishing system adds it again. The second one is room lost.",
  source: commonPractice(),
  check(page, report, { houseStyle: { brand, separator } }) {
    const title = titleOf(page);
    if (!brand) return;
    const first = title.toLowerCase().indexOf(brand.toLowerCase());
    const second = first < 0 ? -1 : title.toLowerCase().indexOf(brand.toLowerCase(), first + brand.length);
    if (second < 0) return;
    const value = onceBranded(title, brand, separator);
    report({
      message: `${quote(brand)} stands twice in the title.`,
      at: { part: "title", words: { start: second, end: second + brand.length }, range: titleRange(page) },
      fix: { label: `Once is enough: ${quote(value)}`, edits: [{ op: "set-title", value, was: title }] },
    });
  },
});
