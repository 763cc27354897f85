import { collapse, descriptionOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { descriptionRange, quote } from "../texts.ts";

// Names of HTML elements alone: “<mail@host>” and “<file>” in prose are no tags.
const TAG =
  /<\/?(?:a|abbr|article|aside|b|blockquote|body|br|button|center|cite|code|dd|del|div|dl|dt|em|figure|font|footer|form|h[1-6]|head|header|hr|html|i|iframe|img|input|ins|li|link|main|meta|nav|ol|p|pre|s|script|section|small|span|strong|style|sub|sup|table|tbody|td|th|title|tr|u|ul|video)(?=[\s/>])[^<>]*>/i;
const MARKUP = new RegExp(
  `${TAG.source}|&(?:amp|lt|gt|quot|nbsp|#\\d+|#x[0-9a-f]+|[a-z]+);|\\[\\/?[a-z]+[^\\]]*\\]`,
  "i",
);

export const descriptionMarkup = rule({
  id: "description/markup",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["metas"],
  fromFacets: true,
  finds: "tags or entities that searchers would see as text",
  counted: ["# description shows tags or entities as text", "# descriptions show tags or entities as text"],
  hasFix: true,
  why: "A description is plain text. Tags and doubly escaped characters are shown as they stand.",
  source: commonPractice(),
  check(page, report) {
    const text = descriptionOf(page);
    const match = MARKUP.exec(text);
    if (!match) return;
    const value = collapse(
      text
        .replace(new RegExp(`${TAG.source}|\\[\\/?[a-z]+[^\\]]*\\]`, "gi"), " ")
        .replaceAll("&nbsp;", " ")
        .replaceAll("&quot;", '"')
        .replaceAll("&amp;", "&"),
    );
    report({
      message: `${quote(match[0])} would be shown as text.`,
      at: {
        part: "description",
        words: { start: match.index, end: match.index + match[0].length },
        range: descriptionRange(page),
      },
      fix: { label: `Plain text: ${quote(value)}`, edits: [{ op: "set-description", value, was: text }] },
    });
  },
});
