import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

export const headingDuplicate = rule({
  id: "heading/duplicate",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["headings"],
  finds: "the same text at the same level under one parent",
  why: "In a list of headings nobody can tell the two apart.",
  source: commonPractice(),
  *check(page) {
    const path: { level: number; texts: Set<string> }[] = [{ level: 0, texts: new Set() }];
    for (const [index, heading] of page.headings.entries()) {
      while ((path.at(-1)?.level ?? 0) >= heading.level) path.pop();
      const siblings = path.at(-1)?.texts ?? new Set<string>();
      const name = `${heading.level} ${heading.text.toLowerCase()}`;
      if (heading.text !== "" && siblings.has(name)) {
        yield {
          message: `${quote(heading.text)} stands twice under one heading.`,
          at: { part: "heading", index: index, range: heading.range },
        };
      }
      siblings.add(name);
      path.push({ level: heading.level, texts: new Set() });
    }
  },
});
