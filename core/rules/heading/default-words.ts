import { contentHeadings } from "../../page/body.ts";
import { DEFAULT_HEADINGS, LONGEST } from "../../phrase/default-words.ts";
import { withoutBrand } from "../../settings/without-brand.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

export const headingDefaultWords = rule({
  id: "heading/default-words",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["headings"],
  heeds: ["brand"],
  finds: "an H1 that names a category only",
  counted: ["# page has an H1 that names a category only", "# pages have an H1 that names a category only"],
  why: "“Products” or “Welcome” could stand over any page of any site. The H1 says what this page is about.",
  source: commonPractice(),
  settings: { words: { type: "words", default: DEFAULT_HEADINGS, label: "These say nothing as an H1: {words}" } },
  check(page, report, { houseStyle, settings }) {
    const h1 = contentHeadings(page).find(({ heading }) => heading.level === 1 && heading.text !== "");
    if (!h1 || h1.heading.text.length > LONGEST) return;
    const bare = withoutBrand(h1.heading.text, houseStyle.brand)
      .replace(/’/g, "'")
      .replace(/(?:\s+(?:to|at|by))?[\s|–—:.!-]*$/g, "")
      .toLowerCase();
    if (!settings.words.includes(bare)) return;
    report({
      message: `The H1 ${quote(h1.heading.text)} does not say what this page is about.`,
      at: { part: "heading", index: h1.index, range: h1.heading.range },
    });
  },
});
