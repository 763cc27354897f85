import { commonPractice, rule } from "../rule.ts";
import { quote, readableSlug } from "../texts.ts";
import { slugFix } from "./helpers.ts";

const DATE = /(?<![\p{L}\d])(?:19|20)\d{2}(?:[-_]?(?:0[1-9]|1[0-2])(?:[-_]?(?:0[1-9]|[12]\d|3[01]))?)?(?![\p{L}\d])/u;

export const slugDates = rule({
  id: "slug/dates",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["address", "headLinks", "base"],
  fromFacets: true,
  finds: "a date in the slug",
  counted: ["# slug has a date", "# slugs have a date"],
  hasFix: true,
  why: "Next year the address is stale, or has to change. News and yearly reports are right to keep theirs.",
  source: commonPractice(),
  check(page, report) {
    const slug = readableSlug(page);
    const match = DATE.exec(slug);
    if (!match) return;
    const rest = (slug.slice(0, match.index) + slug.slice(match.index + match[0].length))
      .replace(/[-_]{2,}/g, "-")
      .replace(/^[-_]|[-_](?=$|\.)/g, "");
    const words = { start: match.index, end: match.index + match[0].length };
    report({
      message: `${quote(match[0])} in the slug will be out of date.`,
      at: { part: "slug", words },
      ...slugFix(page, () => rest),
    });
  },
});
