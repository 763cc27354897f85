import { rule, standard } from "../rule.ts";
import { quote, readableSlug } from "../texts.ts";
import { slugFix, tidySlug } from "./helpers.ts";

/** ASCII that is neither unreserved nor a sub-delimiter, nor ":" or "@", which a path segment may hold. Spaces have their own rule. */
const UNSAFE = /[^A-Za-z0-9\-._~!$&'()*+,;=:@\s\u0080-\u{10ffff}]/u;

export const slugUnsafeCharacters = rule({
  id: "slug/unsafe-characters",
  weight: "must",
  formats: ["html", "markdown", "fields"],
  sees: ["address", "language", "headLinks", "base"],
  fromFacets: true,
  finds: "characters that an address may not hold",
  counted: [
    "# slug has characters that an address may not hold",
    "# slugs have characters that an address may not hold",
  ],
  hasFix: true,
  why: "They have to be percent-encoded, and some programs cut the address at them.",
  source: standard("RFC 3986", "2.2, 2.3 and 3.3 (unreserved and sub-delims)"),
  check(page, report) {
    const slug = readableSlug(page);
    const match = UNSAFE.exec(slug);
    if (!match) return;
    report({
      message: `${quote(match[0])} may not stand in an address.`,
      at: { part: "slug", words: { start: match.index, end: match.index + 1 } },
      ...slugFix(page, () => tidySlug(page)),
    });
  },
});
