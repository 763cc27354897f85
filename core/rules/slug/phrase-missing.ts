import { slugFrom } from "../../address/propose-slug.ts";
import { extensionOf, slugOf, wordsOfPath } from "../../address/slug.ts";
import { languageOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { phraseIn, quote, readableSlug } from "../texts.ts";
import { slugFix } from "./helpers.ts";

export const slugPhraseMissing = rule({
  id: "slug/phrase-missing",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["address", "language", "headLinks", "base"],
  fromFacets: true,
  finds: "a slug without the target phrase",
  counted: ["# slug is without its target phrase", "# slugs are without their target phrase"],
  hasFix: true,
  why: "The words of an address are shown above the title. A page that is found well already keeps its address: changing one needs a redirect.",
  source: commonPractice(),
  check(page, report, { phrase }) {
    if (!phrase || slugOf(page.address) === "") return;
    // The folders above count: /visit/opening-times says "visit opening times".
    if (phraseIn(wordsOfPath(page.address), phrase, page).length > 0) return;
    report({
      message: `${quote(phrase)} is not in the slug.`,
      at: { part: "slug" },
      ...slugFix(
        page,
        () => slugFrom(phrase, { language: languageOf(page), dropStopWords: true }) + extensionOf(readableSlug(page)),
      ),
    });
  },
});
