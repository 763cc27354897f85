import { commonPractice, rule } from "../rule.ts";
import { quote, readableSlug } from "../texts.ts";
import { slugFix } from "./helpers.ts";

export const slugUppercase = rule({
  id: "slug/uppercase",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["address", "headLinks", "base"],
  fromFacets: true,
  finds: "capitals in the slug",
  counted: ["# slug has capitals", "# slugs have capitals"],
  hasFix: true,
  why: "Paths are case-sensitive on many servers, so a link typed in lower case fails, or the page stands at two addresses.",
  source: commonPractice(),
  check(page, report) {
    const slug = readableSlug(page);
    const match = /\p{Lu}+/u.exec(slug);
    if (!match) return;
    report({
      message: `${quote(slug)} has capitals.`,
      at: { part: "slug", words: { start: match.index, end: match.index + match[0].length } },
      ...slugFix(page, () => slug.toLowerCase()),
    });
  },
});
