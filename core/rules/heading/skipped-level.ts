import type { Fix } from "../../findings/fix.ts";
import type { Heading, Page } from "../../page/page.ts";
import { rule, standard } from "../rule.ts";
import { counted, quote } from "../texts.ts";

/** Headings that one fix moves; where more lie below, the repair of the outline is the way. */
const MOST_MOVED = 200;

/** The heading on another level, with its siblings behind it and all that is below them: siblings stay siblings. */
function raised(page: Page, index: number, level: number): Fix | null {
  const first = page.headings[index] as Heading;
  const group: Heading[] = [];
  for (let i = index; i < page.headings.length; i++) {
    const one = page.headings[i] as Heading;
    if (one.level < first.level) break;
    if (one.landmark === first.landmark) group.push(one);
    if (group.length > MOST_MOVED) return null;
  }
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
  formats: ["html", "markdown"],
  sees: ["headings"],
  finds: "a heading more than one level below the one before it",
  counted: ["# outline leaves a level out", "# outlines leave a level out"],
  hasFix: true,
  why: "From H2 to H4 a listener wonders what was missed. Going up by any number is fine. Levels are often chosen for their size; a style should do that.",
  source: standard("HTML Living Standard 4.3.11; WCAG 2.2 technique G141"),
  check(page, report) {
    for (const [index, heading] of page.headings.entries()) {
      const before = page.headings[index - 1];
      if (!before || heading.level <= before.level + 1) continue;
      const level = before.level + 1;
      const fix = level <= 6 ? raised(page, index, level) : null;
      report({
        message: `H${heading.level} follows ${before.text ? `the H${before.level} ${quote(before.text, 40)}` : `an empty H${before.level}`}: ${level === heading.level - 1 ? `H${level} is` : `H${level} to H${heading.level - 1} are`} left out.`,
        at: { part: "heading", index: index, range: heading.range },
        ...(fix && { fix }),
      });
    }
  },
});
