import { contentHeadings } from "../../page/body.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";
import { asParagraphs } from "./as-paragraphs.ts";

export const headingStyledOnly = rule({
  id: "heading/styled-only",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["headings", "blocks"],
  finds: "a heading without content of its own, followed by one of the same or a higher level",
  counted: [
    "# page has a heading with nothing of its own under it",
    "# pages have headings with nothing of their own under them",
  ],
  hasFix: true,
  why: "A heading promises that something follows. One after the other mostly means that headings are used for their size, for instance for a telephone number.",
  source: commonPractice(),
  check(page, report) {
    const content = contentHeadings(page);
    for (const [i, { heading, index }] of content.entries()) {
      const next = content[i + 1]?.heading;
      // Several H1s, and what stands right behind the H1, have rules of their own.
      if (!next || heading.level === 1 || next.level > heading.level || heading.text === "" || heading.block < 0)
        continue;
      if (content[i - 1]?.heading.level === 1 && content[i - 1]?.heading.block === heading.block - 1) continue;
      if (next.block !== heading.block + 1) continue;
      report({
        message: `Nothing stands under ${quote(heading.text, 60)} before ${quote(next.text, 40)}.`,
        at: { part: "heading", index: index, range: heading.range },
        fix: asParagraphs([heading]),
      });
    }
  },
});
