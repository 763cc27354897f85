import type { PageFacets } from "../../site/facets/page-facets.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { counted } from "../texts.ts";

/** Pages of a kind below which no median is taken. */
const LEAST_PAGES = 5;

export const bodyFewWordsForItsKind = siteRule({
  id: "body/few-words-for-its-kind",
  weight: "may",
  finds: "a page with less than half as many words as the site's pages of its kind have in the middle",
  counted: ["# page is far shorter than others of its kind", "# pages are far shorter than others of their kind"],
  why: "How many words a page needs depends on what it is: the site's own pages say it better than a number. A page that answers its question in fifty is none the worse for it.",
  source: commonPractice(),
  sees: ["kind", "words"],
  check(site, report) {
    const kinds = new Map<string, PageFacets[]>();
    for (const page of site.pages.values()) {
      if (!page.kind || !page.words) continue;
      const list = kinds.get(page.kind);
      if (list) list.push(page);
      else kinds.set(page.kind, [page]);
    }
    for (const list of kinds.values()) {
      if (list.length < LEAST_PAGES) continue;
      const counts = list.map(({ words }) => words).sort((a, b) => a - b);
      const middle = counts.length >> 1;
      const high = counts[middle] ?? 0;
      const median = counts.length % 2 === 1 ? high : ((counts[middle - 1] ?? 0) + high) / 2;
      for (const page of list) {
        const { words } = page;
        if (words * 2 >= median) continue;
        report({
          message: `The content has ${counted(words, "word")}; half of the ${list.length} pages of its kind have ${Math.round(median)} or more.`,
          on: [{ page, at: { part: "markup" } }],
        });
      }
    }
  },
});
