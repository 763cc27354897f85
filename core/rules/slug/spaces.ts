import { rule, standard } from "../rule.ts";
import { quote, readableSlug } from "../texts.ts";
import { slugFix, tidySlug } from "./helpers.ts";

export const slugSpaces = rule({
  id: "slug/spaces",
  weight: "must",
  formats: ["html", "markdown", "fields"],
  sees: ["address", "language", "headLinks", "base"],
  fromFacets: true,
  finds: "a space in the slug",
  counted: ["# slug has a space", "# slugs have a space"],
  hasFix: true,
  why: "A space is not allowed in an address. Browsers write it as %20, and links that are pasted into a message break at it.",
  source: standard("RFC 3986", "2.2 and 2.3"),
  check(page, report) {
    const slug = readableSlug(page);
    const at = slug.search(/\s/);
    if (at < 0) return;
    report({
      message: `${quote(slug)} has a space in it.`,
      at: { part: "slug", words: { start: at, end: at + 1 } },
      ...slugFix(page, () => tidySlug(page)),
    });
  },
});
