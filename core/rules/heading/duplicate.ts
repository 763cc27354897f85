import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

export const headingDuplicate = rule({
  id: "heading/duplicate",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["headings"],
  finds: "the same text at the same level under one parent",
  counted: ["# page repeats a heading under the same parent", "# pages repeat a heading under the same parent"],
  why: "In a list of headings nobody can tell the two apart.",
  source: commonPractice(),
  check(page, report) {
    const path: { level: number; texts: Map<string, number> }[] = [{ level: 0, texts: new Map() }];
    for (const [index, heading] of page.headings.entries()) {
      while ((path.at(-1)?.level ?? 0) >= heading.level) path.pop();
      const siblings = path.at(-1)?.texts ?? new Map<string, number>();
      const name = `${heading.level} ${heading.text.toLowerCase()}`;
      const first = siblings.get(name);
      if (heading.text !== "" && first !== undefined) {
        report({
          message: `${quote(heading.text)} stands twice under one heading.`,
          at: { part: "heading", index: index, range: heading.range },
          related: [{ at: { part: "heading", index: first, range: page.headings[first]?.range ?? null } }],
        });
      }
      if (first === undefined) siblings.set(name, index);
      path.push({ level: heading.level, texts: new Map() });
    }
  },
});
