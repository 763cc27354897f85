import { guidance, rule } from "../rule.ts";
import { quote, readableSlug } from "../texts.ts";
import { slugFix } from "./helpers.ts";

export const slugUnderscores = rule({
  id: "slug/underscores",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["address", "headLinks", "base"],
  fromFacets: true,
  finds: "underscores in the slug",
  counted: ["# slug has underscores", "# slugs have underscores"],
  hasFix: true,
  why: "Search engines read a hyphen as the space between words, an underscore as part of one.",
  source: guidance("search engines' advice on address structure"),
  check(page, report) {
    const slug = readableSlug(page);
    const at = slug.indexOf("_");
    if (at < 0) return;
    report({
      message: `${quote(slug)} joins its words with underscores.`,
      at: { part: "slug", words: { start: at, end: at + 1 } },
      ...slugFix(page, () => slug.replace(/_+/g, "-").replace(/^-|-$/g, "")),
    });
  },
});
