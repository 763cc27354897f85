import { rule, standard } from "../rule.ts";

export const headDoctypeMissing = rule({
  id: "head/doctype-missing",
  weight: "should",
  formats: ["html"],
  sees: ["doctype"],
  finds: "no doctype",
  counted: ["# page has no doctype", "# pages have no doctype"],
  why: "Browsers then lay the page out as they did in the 1990s.",
  source: standard("HTML Living Standard 13.1.1"),
  check(page, report) {
    if (!page.doctype)
      report({
        message: "The page has no doctype. Begin the source with <!DOCTYPE html>.",
        at: { part: "head", range: null },
      });
  },
});
