import type { Problem } from "../../findings/finding.ts";
import type { LandmarkKind, Page } from "../../page/page.ts";
import { commonPractice, type Rule, rule } from "../rule.ts";
import { quote } from "../texts.ts";

/** The heading of the content under which a listener hears one that stands in a landmark. */
function heardUnder(page: Page, index: number): string {
  for (let i = index - 1; i >= 0; i--) {
    const heading = page.headings[i];
    if (heading?.text && (heading.landmark === null || heading.landmark === "main")) {
      const level = page.headings[index]?.level ?? 1;
      return heading.level < level
        ? ` It is heard as a part of ${quote(heading.text, 40)}.`
        : ` It ends the part ${quote(heading.text, 40)}.`;
    }
  }
  return " It comes before all headings of the content.";
}

/** A rule about headings in one kind of landmark. */
export function inLandmark(name: string, landmark: LandmarkKind, where: string, why: string): Rule {
  return rule({
    id: `heading/${name}`,
    weight: "may",
    formats: ["html", "markdown"],
    sees: ["headings"],
    finds: `a heading in ${where}`,
    counted: [`# page has a heading in ${where}`, `# pages have headings in ${where}`],
    hasFix: true,
    why,
    source: commonPractice(),
    *check(page): Iterable<Problem> {
      for (const [index, heading] of page.headings.entries()) {
        if (heading.landmark !== landmark || heading.text === "") continue;
        yield {
          message: `${quote(heading.text, 40)} is a heading in ${where}.${heardUnder(page, index)}`,
          at: { part: "heading", index: index, range: heading.range },
          fix: {
            label: "Make it a paragraph",
            edits: [{ op: "remove-heading", heading: heading.key, was: heading.text }],
          },
        };
      }
    },
  });
}
