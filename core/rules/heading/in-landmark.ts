import { skipsWithout } from "../../outline/outline.ts";
import type { LandmarkKind, Page } from "../../page/page.ts";
import { commonPractice, type Rule, rule } from "../rule.ts";
import { counted, quote } from "../texts.ts";
import { asParagraphs } from "./as-paragraphs.ts";

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

/** Headings in a kind of landmark that follow each other: those of one menu are one thing to decide. */
function groupsIn({ headings }: Page, landmark: LandmarkKind): [number, ...number[]][] {
  const groups: [number, ...number[]][] = [];
  let before: number | null = null;
  for (const [index, heading] of headings.entries()) {
    if (heading.landmark !== landmark || heading.text === "") continue;
    const last = groups.at(-1);
    if (last && before === index - 1) last.push(index);
    else groups.push([index]);
    before = index;
  }
  return groups;
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
    check(page, report) {
      for (const group of groupsIn(page, landmark)) {
        const [first, ...others] = group;
        const heading = page.headings[first];
        if (!heading) continue;
        const at = (index: number) => ({ part: "heading" as const, index, range: page.headings[index]?.range ?? null });
        const what =
          others.length === 0
            ? `${quote(heading.text, 40)} is a heading in ${where}.`
            : `${quote(heading.text, 40)} and ${counted(others.length, "more heading")} are in ${where}.`;
        report({
          message: what + heardUnder(page, first),
          at: at(first),
          related: others.map((index) => ({ at: at(index) })),
          ...(!skipsWithout(page.headings, first, others.at(-1)) && {
            fix: asParagraphs(group.flatMap((index) => page.headings[index] ?? [])),
          }),
        });
      }
    },
  });
}
