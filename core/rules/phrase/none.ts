import { PHRASE_PLACES, PLACES_SEE } from "../../site/index/phrase-places.ts";
import { commonPractice, siteRule } from "../rule.ts";

export const phraseNone = siteRule({
  id: "phrase/none",
  weight: "may",
  finds: "a page without a target phrase, on a site whose pages have some",
  counted: ["# page has no target phrase", "# pages have no target phrase"],
  why: "Who knows what a page should be found for can say whether it will be. Pages that nobody should find, such as one of legal terms, need none.",
  source: commonPractice(),
  sees: [...PLACES_SEE, "list", "noindex", "kind"],
  check(site, report) {
    // Where nobody works with phrases this would be said of every page.
    if (site.index(PHRASE_PLACES).all().size === 0) return;
    for (const page of site.pages.values())
      if (!page.phrase?.trim() && !page.noindex && page.kind !== "legal")
        report({
          message: "Nobody has said which phrase this page should be found for.",
          on: [{ page, at: { part: "title" } }],
        });
  },
});
