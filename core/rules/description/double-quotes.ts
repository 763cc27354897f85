import { descriptionOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { descriptionRange, quote } from "../texts.ts";

/** Opening marks become “, the others ”. */
function curly(text: string): string {
  return text.replace(/(^|[\s([–—])"/g, "$1“").replaceAll('"', "”");
}

export const descriptionDoubleQuotes = rule({
  id: "description/double-quotes",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["metas"],
  fromFacets: true,
  finds: "straight double quotes in a description",
  counted: ["# description has straight double quotes", "# descriptions have straight double quotes"],
  hasFix: true,
  why: "Written by hand into an attribute a straight quote ends the text early. Here it is written safely; where the text is retyped into another system it may not be.",
  source: commonPractice(),
  check(page, report) {
    const text = descriptionOf(page);
    const at = text.indexOf('"');
    if (at < 0) return;
    const value = curly(text);
    report({
      message: "Straight quotes stand in the description.",
      at: { part: "description", words: { start: at, end: at + 1 }, range: descriptionRange(page) },
      fix: { label: `Curly ones: ${quote(value)}`, edits: [{ op: "set-description", value, was: text }] },
    });
  },
});
