import { commonPractice, rule } from "../rule.ts";

export const markupNoMain = rule({
  id: "markup/no-main",
  weight: "may",
  formats: ["html"],
  sees: ["landmarks", "blocks"],
  finds: "a page without a main landmark",
  counted: ["# page has no main landmark", "# pages have no main landmark"],
  why: "Listeners jump straight to the main content where a main element says where it is. Search engines tell content from surroundings by it too.",
  source: commonPractice("WCAG 2.2 technique ARIA11"),
  check(page, report) {
    if (page.blocks.length === 0 || page.landmarks.some(({ kind }) => kind === "main")) return;
    report({ message: "Nothing says where the main content is: there is no main element.", at: { part: "markup" } });
  },
});
