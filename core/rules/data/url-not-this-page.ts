import { addressOn, canonicalOf, type Page } from "../../page/page.ts";
import { textOfValue, valuesOf } from "../../structured-data/graph.ts";
import { isKindOf } from "../../structured-data/vocabulary.ts";
import { commonPractice } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, isAlone, placeOf } from "./data-rule.ts";

/** What a page is about, where its url is the page's own. Organisations, people and sites have one elsewhere. */
const ABOUT = ["Article", "Product", "Event", "Recipe", "WebPage", "JobPosting", "Course", "HowTo"];

const plain = (page: Page, address: string) =>
  (addressOn(page, address) ?? address)
    .replace(/^https?:\/\/(?:www\.)?/, "")
    .replace(/[?#].*$/, "")
    .replace(/(?:\/index)?(?:\.html?)?\/?$/, "");

export const dataUrlNotThisPage = dataRule({
  id: "data/url-not-this-page",
  weight: "should",
  finds: "an address that is not this page’s",
  counted: ["# page has data that names another address", "# pages have data that names another address"],
  why: "The url of what a page is about leads here. Copied from another page it speaks of that one.",
  source: commonPractice(),
  sees: ["headLinks", "blocks"],
  check(data, report, { page }) {
    if (isAlone(page)) return;
    const own = new Set([page.address, canonicalOf(page) ?? ""].map((one) => plain(page, one)));
    for (const entity of data.roots) {
      if (!entity.types.some((type) => ABOUT.some((one) => isKindOf(type, one)))) continue;
      for (const name of ["url", "mainEntityOfPage"]) {
        const [value] = valuesOf(entity, name);
        const text = textOfValue(value);
        if (!value || text === "" || own.has(plain(page, text))) continue;
        report({
          message: `${quote(name)} of this ${entity.types[0]} leads to ${quote(text, 80)}, which is not this page.`,
          at: placeOf(data, value.place),
        });
      }
    }
  },
});
