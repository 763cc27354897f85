import { headingLike } from "../../outline/heading-like.ts";
import { contentHeadings } from "../../page/body.ts";
import { keyOf } from "../../rewrite/resolve.ts";
import { rule } from "../rule.ts";
import { quote } from "../texts.ts";

export const headingLooksLikeHeading = rule({
  id: "heading/looks-like-heading",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["blocks", "headings", "tables", "images"],
  finds: "a short text that is set like a heading and is none",
  counted: [
    "# page has a text that looks like a heading and is none",
    "# pages have texts that look like headings and are none",
  ],
  hasFix: true,
  why: "Who sees the page takes a line in bold for a heading; who hears it, and a search engine, does not (WCAG failure F2). Sometimes bold is only meant to stress, then set this aside.",
  source: { kind: "standard", text: "WCAG 2.2 failure F2, for 1.3.1; common practice" },
  check(page, report) {
    const content = contentHeadings(page).map(({ heading }) => heading);
    const h1 = content.find(({ level }) => level === 1);
    const first = content.find(({ block }) => block >= 0)?.block ?? page.blocks.length;
    for (const { block, index, why } of headingLike(page)) {
      const above = page.headings[block.heading]?.level ?? 1;
      // Before all headings of a page without an H1 it is what the page is called.
      const level = !h1 && index < first ? 1 : Math.min(6, above + 1);
      const next = page.headings.find((heading) => heading.block > index)?.level ?? 1;
      report({
        message: `${quote(block.text, 60)} ${why === "bold" ? "is all in bold" : `has the class ${quote(block.classNames, 40)}`} and stands before text, but is no heading.`,
        at: { part: "block", index: index, range: block.range },
        // Before the H1 no lower heading may stand, and no level may be left out behind it.
        ...(index > (h1?.block ?? -1) &&
          next <= level + 1 && {
            fix: {
              label: `Make it an H${level}`,
              edits: [{ op: "make-heading" as const, block: keyOf(page, "block", index), level, was: block.text }],
            },
          }),
      });
    }
  },
});
