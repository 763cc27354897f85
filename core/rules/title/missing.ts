import { isBlank, titleOf } from "../../page/page.ts";
import { suggestTitle } from "../../result/suggest.ts";
import { rule, standard } from "../rule.ts";
import { quote, titleRange } from "../texts.ts";

export const titleMissing = rule({
  id: "title/missing",
  weight: "must",
  formats: ["html", "markdown", "fields"],
  sees: ["titles", "headings"],
  fromFacets: true,
  heeds: ["brand", "separator"],
  finds: "no title element, or an empty one",
  counted: ["# page has no title", "# pages have no title"],
  hasFix: true,
  why: "The title is what a result is headed with, what a tab shows and what a screen reader says first. Without one a search engine makes up its own.",
  source: standard("HTML Living Standard 4.2.2; WCAG 2.2, 2.4.2"),
  check(page, report, { houseStyle }) {
    const title = titleOf(page);
    if (!isBlank(title)) return;
    const value = suggestTitle(page, houseStyle);
    const message = page.titles.length === 0 ? "This page has no title." : "The title is empty.";
    const was = page.titles.length === 0 ? null : title;
    const fix = value
      ? {
          label: `Take the H1: ${quote(value)}`,
          edits: [{ op: "set-title" as const, value, was }],
          suggested: true as const,
        }
      : undefined;
    report({ message, at: { part: "title", range: titleRange(page) }, ...(fix && { fix }) });
  },
});
