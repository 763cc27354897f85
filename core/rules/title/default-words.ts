import { titleOf } from "../../page/page.ts";
import { DEFAULT_TITLES, LONGEST } from "../../phrase/default-words.ts";
import { withoutBrand } from "../../settings/without-brand.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote, titleRange } from "../texts.ts";

export const titleDefaultWords = rule({
  id: "title/default-words",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["titles"],
  fromFacets: true,
  heeds: ["brand"],
  finds: "a title of words that say nothing",
  counted: ["# title is made of words that say nothing", "# titles are made of words that say nothing"],
  why: "“Home” or “About us” entices nobody and could stand over any page of any site.",
  source: commonPractice(),
  settings: { words: { type: "words", default: DEFAULT_TITLES, label: "These say nothing by themselves: {words}" } },
  check(page, report, { houseStyle, settings }) {
    const title = titleOf(page);
    if (title.length > LONGEST) return;
    const bare = withoutBrand(title, houseStyle.brand)
      .replace(/^[\s|–—:·-]+|[\s|–—:·.!-]+$/g, "")
      .toLowerCase();
    const numbered = bare.replace(/\s+\d+$/, "");
    if (bare === "" || !settings.words.some((word) => word === bare || word === numbered)) return;
    report({
      message: `${quote(title)} says nothing about this page.`,
      at: { part: "title", range: titleRange(page) },
    });
  },
});
