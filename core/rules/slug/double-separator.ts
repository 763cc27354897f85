import { commonPractice, rule } from "../rule.ts";
import { quote, readableSlug } from "../texts.ts";
import { slugFix } from "./helpers.ts";

export const slugDoubleSeparator = rule({
  id: "slug/double-separator",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["address", "headLinks", "base"],
  fromFacets: true,
  finds: "two separators in a row, or one at an end of the slug",
  counted: [
    "# slug has two separators in a row, or one at an end",
    "# slugs have two separators in a row, or one at an end",
  ],
  hasFix: true,
  why: "It is left over where a word or sign was taken out, and easily mistyped.",
  source: commonPractice(),
  check(page, report) {
    const slug = readableSlug(page);
    const match = /[-_]{2,}|^[-_]|[-_](?=\.[a-z]+$|$)/i.exec(slug);
    if (!match) return;
    report({
      message: `${quote(slug)} has a separator too many.`,
      at: { part: "slug", words: { start: match.index, end: match.index + match[0].length } },
      ...slugFix(page, () => slug.replace(/[-_]{2,}/g, "-").replace(/^[-_]+|[-_]+(?=\.[a-z]+$|$)/gi, "")),
    });
  },
});
