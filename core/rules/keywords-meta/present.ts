import { collapse } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";

export const keywordsMetaPresent = rule({
  id: "keywords-meta/present",
  weight: "may",
  formats: ["html"],
  sees: ["metas"],
  finds: "a meta keywords element",
  counted: ["# page has meta keywords", "# pages have meta keywords"],
  hasFix: true,
  why: "Some search engines still read it; most do not. It is harmless, and tells competitors what the page is after.",
  source: commonPractice(),
  check(page, report) {
    for (const meta of page.metas) {
      if (meta.name !== "keywords" || collapse(meta.content ?? "") === "") continue;
      report({
        message: "The page has meta keywords, which most search engines ignore.",
        at: { part: "head", range: meta.range },
        fix: {
          label: "Take the meta keywords out",
          edits: [{ op: "set-keywords", value: "", was: meta.content }],
        },
      });
      return;
    }
  },
});
