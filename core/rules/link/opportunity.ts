import { pathOf } from "../../address/address.ts";
import { LINK_GRAPH } from "../../site/index/link-graph.ts";
import { PHRASE_PLACES, PLACES_SEE, type SitePhrase } from "../../site/index/phrase-places.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { quote } from "../texts.ts";

/** A phrase that more than this share of the site's pages say is no reason to link. */
const TOO_COMMON = 1 / 4;
/** Up to so many pages any number of them may say it. */
const SMALL = 8;
/** Most links that are suggested for one page. */
const MOST = 3;

const NO_PHRASE: Pick<SitePhrase, "on" | "targets"> = { on: new Map(), targets: new Set() };

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
  *check(site) {
    const wanted = new Map<string, SitePhrase>();
    for (const phrase of site.index(PHRASE_PLACES).all().values())
      for (const id of phrase.targets) wanted.set(id, phrase);
    if (wanted.size === 0) return;
    const graph = site.index(LINK_GRAPH);
    const suggested = new Map<string, number>();
    for (const to of site.inOrder(wanted.keys())) {
      const { on, targets } = wanted.get(to.id) ?? NO_PHRASE;
      const said = new Map(
        [...on].flatMap(([id, { early }]) => (early === undefined || targets.has(id) ? [] : [[id, early] as const])),
      );
      if (said.size > Math.max(SMALL, site.pages.size * TOO_COMMON)) continue;
      const linking = new Set(graph.incoming(to.id).map(({ from }) => from.id));
      for (const from of site.inOrder(said.keys())) {
        const words = said.get(from.id) ?? "";
        const many = suggested.get(from.id) ?? 0;
        if (linking.has(from.id) || many >= MOST) continue;
        suggested.set(from.id, many + 1);
        yield {
          message: `It says ${quote(words, 60)} and does not link to ${pathOf(to.address)}.`,
          on: [
            {
              page: from,
              at: { part: "block", holds: words },
              related: [{ at: { part: "markup" }, page: to }],
              fix: { label: `Make ${quote(words, 40)} a link`, wrap: { words, to: to.address } },
            },
          ],
        };
      }
    }
  },
});
