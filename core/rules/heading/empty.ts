import { isBlank } from "../../page/page.ts";
import { rule, standard } from "../rule.ts";

export const headingEmpty = rule({
  id: "heading/empty",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["headings"],
  finds: "a heading without text or picture with alternative text",
  counted: ["# page has an empty heading", "# pages have empty headings"],
  hasFix: true,
  why: "A listener hears “heading level 2”, and then nothing. Empty headings are mostly left over from an editor, or used as space.",
  source: standard("HTML Living Standard 4.3.11; axe-core empty-heading"),
  *check(page) {
    for (const [index, heading] of page.headings.entries()) {
      if (!isBlank(heading.text)) continue;
      yield {
        message: `A listener hears “heading level ${heading.level}”, then nothing.`,
        at: { part: "heading", index: index, range: heading.range },
        fix: { label: "Take it out", edits: [{ op: "remove-heading", heading: heading.key, was: heading.text }] },
      };
    }
  },
});
