import { pathOf } from "../../address/address.ts";
import { facetOf, type PageFacets } from "../../site/facets/page-facets.ts";
import { LINK_GRAPH } from "../../site/index/link-graph.ts";
import { PHRASE_PLACES, PLACES_SEE, type SitePhrase } from "../../site/index/phrase-places.ts";
import { isAbout } from "../../standing/clashes.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { quote } from "../texts.ts";
import { isTooCommon } from "./too-common.ts";

/** Most links that are suggested for one page. */
const MOST = 3;

const NO_PHRASE: Pick<SitePhrase, "on" | "text"> = { on: new Map(), text: "" };

const h1sOf = (page: PageFacets): string[] =>
  facetOf(page, "headings").flatMap(([level, text]) => (level === 1 ? text : []));

export const linkOpportunity = siteRule({
  id: "link/opportunity",
  weight: "may",
  finds: "a page that says the target phrase of another one without a link to it",
  counted: [
    "# page could link to another whose phrase it names",
    "# pages could link to others whose phrase they name",
  ],
  hasFix: true,
  why: "Who reads of a thing may want to go there, and search engines learn from the words of links what a page is about. It is looked for in the first 2,000 characters; a phrase that a quarter of the pages say is passed over.",
  source: commonPractice(),
  sees: [...PLACES_SEE, "links", "also", "redirectedFrom"],
  check(site, report) {
    const wanted = new Map<string, SitePhrase>();
    for (const phrase of site.index(PHRASE_PLACES).all().values())
      for (const id of phrase.targets) wanted.set(id, phrase);
    if (wanted.size === 0) return;
    const graph = site.index(LINK_GRAPH);
    const suggested = new Map<string, number>();
    for (const to of site.inOrder(wanted.keys())) {
      const { on, text } = wanted.get(to.id) ?? NO_PHRASE;
      const said = new Map(
        [...on].flatMap(([id, { early, places }]) => {
          const page = early === undefined ? undefined : site.pages.get(id);
          if (!page || early === undefined) return [];
          return isAbout(page, places.h1 ? h1sOf(page) : [], text) ? [] : [[id, early] as const];
        }),
      );
      if (isTooCommon(said.size, site.pages.size)) continue;
      const linking = new Set(graph.incoming(to.id).map(({ from }) => from.id));
      for (const from of site.inOrder(said.keys())) {
        const words = said.get(from.id) ?? "";
        const many = suggested.get(from.id) ?? 0;
        if (linking.has(from.id) || many >= MOST) continue;
        suggested.set(from.id, many + 1);
        report({
          message: `It says ${quote(words, 60)} and does not link to ${pathOf(to.address)}.`,
          on: [
            {
              page: from,
              at: { part: "block", holds: words },
              related: [{ at: { part: "markup" }, page: to }],
              fix: { label: `Make ${quote(words, 40)} a link`, wrap: { words, to: to.address } },
            },
          ],
        });
      }
    }
  },
});
