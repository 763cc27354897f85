import { extensionOf } from "../../address/slug.ts";
import { languageOf } from "../../page/page.ts";
import { isStopWord } from "../../phrase/stop-words.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote, readableSlug } from "../texts.ts";
import { slugFix, slugWords } from "./helpers.ts";

export const slugStopWords = rule({
  id: "slug/stop-words",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["address", "language", "headLinks", "base"],
  fromFacets: true,
  finds: "words in the slug that carry no subject",
  counted: ["# slug has words that carry no subject", "# slugs have words that carry no subject"],
  hasFix: true,
  why: "Articles and prepositions make an address longer. Leave them where the slug would read wrongly without them.",
  source: commonPractice(),
  check(page, report) {
    const language = languageOf(page);
    const words = slugWords(page);
    const stops = words.filter((word) => isStopWord(word.toLowerCase(), language));
    const kept = words.filter((word) => !stops.includes(word));
    if (stops.length === 0 || kept.length < 2) return;
    report({
      message: `${stops.map((word) => quote(word)).join(", ")} could be left out.`,
      at: { part: "slug" },
      ...slugFix(page, () => kept.join("-") + extensionOf(readableSlug(page))),
    });
  },
});
