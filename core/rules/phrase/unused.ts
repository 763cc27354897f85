import { PHRASE_PLACES, PLACES_SEE } from "../../site/index/phrase-places.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { counted, quote } from "../texts.ts";

export const phraseUnused = siteRule({
  id: "phrase/unused",
  weight: "may",
  finds: "phrases of the list for which no page wants to be found",
  counted: [
    "# page stands for a site with phrases that no page wants",
    "# pages stand for sites with phrases that no page wants",
  ],
  why: "People search for them, and no page answers. It is said once, at the start page; the screen of phrases lists them all.",
  source: commonPractice(),
  sees: [...PLACES_SEE, "list"],
  check(site, report) {
    const unused = [...site.index(PHRASE_PLACES).all().values()].filter(
      ({ listed, targets, supporting }) => listed && targets.size === 0 && supporting.size === 0,
    );
    const [first] = unused;
    const home = Array.from(site.pages.values()).reduce(
      (a, b) => (a && a.address.length <= b.address.length ? a : b),
      Array.from(site.pages.values())[0],
    );
    if (!first || !home) return;
    report({
      message: `${counted(unused.length, "phrase")} of the list ${unused.length === 1 ? "has" : "have"} no page, such as ${quote(first.text, 60)}.`,
      on: [{ page: home, at: { part: "title" } }],
    });
  },
});
