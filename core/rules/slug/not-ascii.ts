import { commonPractice, rule } from "../rule.ts";
import { quote, readableSlug } from "../texts.ts";
import { noteOnTidySlug, slugFix, tidySlug } from "./helpers.ts";

export const slugNotAscii = rule({
  id: "slug/not-ascii",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["address", "language", "headLinks", "base"],
  fromFacets: true,
  finds: "letters outside ASCII in the slug",
  counted: ["# slug has letters outside ASCII", "# slugs have letters outside ASCII"],
  hasFix: true,
  why: "Browsers show them, but a copied address turns into a row of percent signs. Many sites in other scripts use them all the same.",
  source: commonPractice(),
  check(page, report) {
    const slug = readableSlug(page);
    const match = /[^\x20-\x7e]+/.exec(slug);
    if (!match) return;
    report({
      message: `${quote(slug)} becomes ${encodeURIComponent(slug.toWellFormed()).length} characters when it is copied: ${quote(encodeURIComponent(slug.toWellFormed()))}.${noteOnTidySlug(page)}`,
      at: { part: "slug", words: { start: match.index, end: match.index + match[0].length } },
      ...slugFix(page, () => tidySlug(page)),
    });
  },
});
