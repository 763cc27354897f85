import type { Heading, Page } from "../../page/page.ts";
import { type Fix, rule, standard } from "../rule.ts";
import { counted, quote } from "../texts.ts";

/** The heading on another level, with its siblings behind it and all that is below them: siblings stay siblings. */
function raised(page: Page, index: number, level: number): Fix {
  const first = page.headings[index] as Heading;
  const end = page.headings.findIndex((one, i) => i > index && one.level < first.level);
  const group = page.headings.slice(index, end < 0 ? undefined : end).filter((one) => one.landmark === first.landmark);
  const siblings = group.filter((one) => one.level === first.level).length;
  return {
    label: siblings > 1 ? `Make it and ${counted(siblings - 1, "sibling")} H${level}` : `Make it an H${level}`,
    edits: group.map((one) => ({
      op: "set-heading-level",
      heading: one.key,
      level: Math.min(6, one.level - (first.level - level)),
      was: one.level,
    })),
  };
}

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
        ...(level <= 6 && { fix: raised(page, index, level) }),
      };
    }
  },
});
