import { commonPractice, rule } from "../rule.ts";

export const headViewportMissing = rule({
  id: "head/viewport-missing",
  weight: "should",
  formats: ["html"],
  sees: ["metas"],
  finds: "no viewport",
  counted: ["# page has no viewport", "# pages have no viewport"],
  why: "Phones then show the page as a desktop would, at a size nobody can read.",
  source: commonPractice(),
  check(page, report) {
    if (page.metas.some((meta) => meta.name === "viewport")) return;
    report({
      message: "The page has no viewport, so phones show it at desktop size.",
      at: { part: "head", range: null },
    });
  },
});
