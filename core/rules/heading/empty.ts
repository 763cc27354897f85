import { partsBelow } from "../../outline/outline.ts";
import { isBlank } from "../../page/page.ts";
import { rule, standard } from "../rule.ts";
import { counted } from "../texts.ts";
import { atLevels } from "./as-paragraphs.ts";

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
  check(page, report) {
    for (const [index, heading] of page.headings.entries()) {
      if (!isBlank(heading.text)) continue;
      // The headings below it are raised if a level would be left out without it.
      const before = page.headings[index - 1]?.level ?? 6;
      const below = partsBelow(page.headings, index);
      const by = Math.max(0, (below[0]?.level ?? 0) - before - 1);
      const raised = atLevels(
        below.map((one) => ({ heading: one, level: by === 0 ? one.level : Math.max(before + 1, one.level - by) })),
      );
      const also = raised.length === 0 ? "" : `, and raise ${counted(raised.length, "heading")} below it`;
      report({
        message: `A listener hears “heading level ${heading.level}”, then nothing.`,
        at: { part: "heading", index: index, range: heading.range },
        fix: {
          label: `Take it out${also}`,
          edits: [{ op: "remove-heading", heading: heading.key, was: heading.text }, ...raised],
        },
      });
    }
  },
});
