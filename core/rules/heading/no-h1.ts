import { partsBelow } from "../../outline/outline.ts";
import { contentHeadings } from "../../page/body.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted, quote } from "../texts.ts";
import { atLevels } from "./as-paragraphs.ts";

export const headingNoH1 = rule({
  id: "heading/no-h1",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["headings", "titles"],
  finds: "no level-1 heading in the page's content",
  counted: ["# page has no H1", "# pages have no H1"],
  hasFix: true,
  why: "The H1 says what the page is. Listeners jump to it first. One H1 a page is common practice; WCAG technique G141 asks for headings in order, not for their number.",
  source: commonPractice("WCAG 2.2 technique G141"),
  check(page, report) {
    const content = contentHeadings(page);
    // Site generators set a Markdown file's title as the H1 where the body has none (common practice).
    if (page.format === "markdown" && page.titles.length > 0) return;
    if (content.some(({ heading }) => heading.level === 1)) return;
    const first = content.find(({ heading }) => heading.text !== "");
    if (!first) {
      report({ message: "The content has no H1.", at: { part: "head" } });
      return;
    }
    const { heading, index } = first;
    // The headings below it are raised with it, and those beside it become its parts, so that no level is left out.
    const by = heading.level - 1;
    const below = partsBelow(page.headings, index);
    const behind = page.headings.slice(index + 1 + below.length);
    const end = behind.findIndex(({ level }) => level < heading.level);
    const beside = end < 0 ? behind : behind.slice(0, end);
    const levels = [
      ...below.map((one) => ({ heading: one, level: one.level - by })),
      ...beside.map((one) => ({ heading: one, level: one.level - by + 1 })),
    ];
    const skips = end >= 0 && (behind[end]?.level ?? 1) > (levels.at(-1)?.level ?? 1) + 1;
    const raised = atLevels(levels);
    const also = raised.length > 0 ? `, and raise ${counted(raised.length, "heading")} below it` : "";
    report({
      message: `The content has no H1. It begins with an H${heading.level}.`,
      at: { part: "heading", index: index, range: heading.range },
      ...(!skips && {
        fix: {
          label: `Make ${quote(heading.text, 40)} the H1${also}`,
          edits: [...atLevels([{ heading, level: 1 }]), ...raised],
        },
      }),
    });
  },
});
