import { collapse, descriptionOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { descriptionRange, quote } from "../texts.ts";

const MARKUP = /<\/?[a-z][^<>]*>|&(?:amp|lt|gt|quot|nbsp|#\d+|#x[0-9a-f]+|[a-z]+);|\[\/?[a-z]+[^\]]*\]/i;

export const descriptionMarkup = rule({
  id: "description/markup",
  weight: "should",
  sees: ["metas"],
  finds: "tags or entities that searchers would see as text",
  why: "A description is plain text. Tags and doubly escaped characters are shown as they stand.",
  source: commonPractice(),
  *check(page) {
    const text = descriptionOf(page);
    const match = MARKUP.exec(text);
    if (!match) return;
    const value = collapse(
      text
        .replace(/<\/?[a-z][^<>]*>|\[\/?[a-z]+[^\]]*\]/gi, " ")
        .replaceAll("&nbsp;", " ")
        .replaceAll("&quot;", '"')
        .replaceAll("&amp;", "&"),
    );
    yield {
      message: `${quote(match[0])} would be shown as text.`,
      at: {
        part: "description",
        words: { start: match.index, end: match.index + match[0].length },
        range: descriptionRange(page),
      },
      fix: { label: `Plain text: ${quote(value)}`, edits: [{ op: "set-description", value, was: text }] },
    };
  },
});
