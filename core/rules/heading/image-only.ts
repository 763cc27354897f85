import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

export const headingImageOnly = rule({
  id: "heading/image-only",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["headings"],
  finds: "a heading whose words come from a picture alone",
  counted: ["# page has a heading that is a picture alone", "# pages have a heading that is a picture alone"],
  why: "The alternative text is heard, but the picture's words do not grow with the reader's type, cannot be copied and are not translated.",
  source: commonPractice(),
  check(page, report) {
    for (const [index, heading] of page.headings.entries()) {
      const spoken = heading.parts.filter((part) => part.kind !== "break" && part.text.trim() !== "");
      if (spoken.length === 0 || spoken.some((part) => part.kind !== "image")) continue;
      report({
        message: `The heading ${quote(heading.text, 60)} is a picture.`,
        at: { part: "heading", index: index, range: heading.range },
      });
    }
  },
});
