import { standTogether } from "../../outline/outline.ts";
import { contentHeadings } from "../../page/body.ts";
import { rule, standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { asParagraphs } from "./as-paragraphs.ts";

export const headingSubtitleAsHeading = rule({
  id: "heading/subtitle-as-heading",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["headings"],
  finds: "a subtitle that is set as a heading",
  counted: ["# page has a subtitle as a heading", "# pages have a subtitle as a heading"],
  hasFix: true,
  why: "A subtitle begins no part of the page. The standard has hgroup for it, with the subtitle as a paragraph; once it was dropped, and has come back.",
  source: standard("HTML Living Standard 4.3.7 (hgroup)"),
  check(page, report) {
    const content = contentHeadings(page);
    const at = content.findIndex(({ heading }) => heading.level === 1);
    const [h1, subtitle, next] = [content[at]?.heading, content[at + 1], content[at + 2]?.heading];
    if (at < 0 || !h1 || !subtitle || !next || subtitle.heading.level !== 2 || next.level !== 2) return;
    if (!standTogether(h1, subtitle.heading) || !standTogether(subtitle.heading, next)) return;
    report({
      message: `${quote(subtitle.heading.text, 60)} stands between the H1 and the H2 ${quote(next.text, 40)} with nothing of its own: it reads as a subtitle.`,
      at: { part: "heading", index: subtitle.index, range: subtitle.heading.range },
      fix: asParagraphs([subtitle.heading]),
    });
  },
});
