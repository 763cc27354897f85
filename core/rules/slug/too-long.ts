import { slugFrom } from "../../address/propose-slug.ts";
import { extensionOf } from "../../address/slug.ts";
import { languageOf } from "../../page/page.ts";
import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted, readableSlug } from "../texts.ts";
import { slugFix, slugWords } from "./helpers.ts";

export const slugTooLong = rule({
  id: "slug/too-long",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["address", "language", "headLinks", "base"],
  fromFacets: true,
  finds: "a slug of over 75 characters or 8 words",
  counted: ["# slug is too long", "# slugs are too long"],
  hasFix: true,
  why: "Long slugs are cut in results, and nobody can read them out. They often come from a title that was since shortened.",
  source: commonPractice(),
  settings: {
    characters: count(75, "Slugs have at most {characters} characters"),
    words: count(8, "Slugs have at most {words} words"),
  },
  check(page, report, { settings }) {
    const slug = readableSlug(page);
    const words = slugWords(page);
    if (slug.length <= settings.characters && words.length <= settings.words) return;
    report({
      message: `The slug has ${counted(words.length, "word")} and ${counted(slug.length, "character")}.`,
      at: { part: "slug" },
      ...slugFix(
        page,
        () =>
          slugFrom(words.join(" "), { language: languageOf(page), dropStopWords: true, maxWords: 5 }) +
          extensionOf(slug),
      ),
    });
  },
});
