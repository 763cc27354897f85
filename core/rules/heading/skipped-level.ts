import { rule, standard } from "../rule.ts";
import { quote } from "../texts.ts";

export const headingSkippedLevel = rule({
  id: "heading/skipped-level",
  weight: "should",
  sees: ["headings"],
  finds: "a heading more than one level below the one before it",
  why: "From H2 to H4 a listener wonders what was missed. Going up by any number is fine. Levels are often chosen for their size; a style should do that.",
  source: standard("HTML Living Standard 4.3.11; WCAG 2.2 technique G141"),
  *check(page) {
    for (const [index, heading] of page.headings.entries()) {
      const before = page.headings[index - 1];
      if (!before || heading.level <= before.level + 1) continue;
      const level = before.level + 1;
      yield {
        message: `H${heading.level} follows ${before.text ? `the H${before.level} ${quote(before.text, 40)}` : `an empty H${before.level}`}: ${level === heading.level - 1 ? `H${level} is` : `H${level} to H${heading.level - 1} are`} left out.`,
        at: { part: "heading", heading: index, range: heading.range },
        ...(level <= 6 && {
          fix: {
            label: `Make it an H${level}`,
            edits: [{ op: "set-heading-level" as const, heading: heading.key, level, was: heading.level }],
          },
        }),
      };
    }
  },
});
