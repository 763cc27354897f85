import { descriptionElements, descriptionOf } from "../../page/page.ts";
import { suggestDescription } from "../../result/suggest.ts";
import { commonPractice, rule } from "../rule.ts";
import { descriptionRange, quote } from "../texts.ts";

export const descriptionMissing = rule({
  id: "description/missing",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["metas", "titles", "blocks", "headings", "language"],
  finds: "no meta description, or an empty one",
  counted: ["# page has no meta description", "# pages have no meta description"],
  hasFix: true,
  why: "Without a description a search engine takes what it finds on the page, often a menu. It does not rank the page higher; it sells it. Engines show it as written only in a part of their results.",
  source: commonPractice(),
  check(page, report) {
    if (descriptionOf(page) !== "") return;
    const present = descriptionElements(page).length > 0;
    report({
      message: present ? "The meta description is empty." : "This page has no meta description.",
      at: { part: "description", range: descriptionRange(page) },
      fix() {
        const value = suggestDescription(page);
        if (!value) return null;
        const label = `Begin with the page's own words: ${quote(value)}`;
        return { label, edits: [{ op: "set-description", value, was: present ? "" : null }], suggested: true };
      },
    });
  },
});
