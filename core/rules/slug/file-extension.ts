import { extensionOf } from "../../address/slug.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote, readableSlug } from "../texts.ts";
import { slugFix } from "./helpers.ts";

export const slugFileExtension = rule({
  id: "slug/file-extension",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["address", "headLinks", "base"],
  fromFacets: true,
  finds: "a file extension in the slug",
  counted: ["# slug has a file extension", "# slugs have a file extension"],
  hasFix: true,
  why: "It tells how the page is made and breaks when that changes. A site of plain files has no choice.",
  source: commonPractice(),
  check(page, report) {
    const slug = readableSlug(page);
    const extension = extensionOf(slug);
    if (!extension) return;
    const words = { start: slug.length - extension.length, end: slug.length };
    report({
      message: `The slug ends in ${quote(extension)}.`,
      at: { part: "slug", words },
      ...slugFix(page, () => slug.slice(0, -extension.length)),
    });
  },
});
