import { pathOf } from "../../address/address.ts";
import { PHRASE_PLACES, PLACES_SEE, type SitePhrase } from "../../site/index/phrase-places.ts";
import { clashesAmong, stemsOfPhrase } from "../../standing/clashes.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { counted, quote } from "../texts.ts";

const holds = (phrase: string, other: string) => {
  const own = new Set(phrase.split(" "));
  return other.split(" ").every((stem) => own.has(stem));
};

/** A page whose title and H1 both say a phrase in order. */
const speaksOf = ({ on }: SitePhrase, id: string) => {
  const places = on.get(id)?.places;
  const says = (kind: string | undefined) => kind === "exact" || kind === "form";
  return says(places?.title) && says(places?.h1);
};

export const phraseClash = siteRule({
  id: "phrase/clash",
  weight: "should",
  finds: "a page that wants to be found for the phrase of another one",
  counted: ["# page wants the phrase of another one", "# pages want the phrase of another one"],
  why: "Pages after one phrase take searchers and links from each other, and a search engine chooses between them. Some sites want it so, such as a shop with a list and its best item.",
  source: commonPractice(),
  sees: [...PLACES_SEE, "noindex"],
  check(site, report) {
    const phrases = [...site.index(PHRASE_PLACES).all().values()];
    const wanted = phrases.filter(({ targets }) => targets.size > 0);
    const wanting = site.inOrder(wanted.flatMap(({ targets }) => [...targets])).filter(({ noindex }) => !noindex);
    for (const pages of clashesAmong(wanting)) {
      report({
        message: `${counted(pages.length, "page")} want to be found for ${quote(pages[0]?.phrase ?? "", 60)}.`,
        on: pages.map((page) => ({
          page,
          at: { part: "title" },
          related: pages.flatMap((other) => (other === page ? [] : { at: { part: "title" } as const, page: other })),
        })),
      });
    }
    for (const phrase of wanted) {
      const [target] = site.inOrder(phrase.targets);
      if (!target || target.noindex) continue;
      const speaking = [...phrase.on.keys()].filter(
        (id) => speaksOf(phrase, id) && !phrase.targets.has(id) && !phrase.supporting.has(id),
      );
      for (const page of site.inOrder(speaking)) {
        // A page for a narrower phrase has to say the wider one.
        const own = stemsOfPhrase(page.phrase ?? "", page.language);
        if (page.noindex || holds(own, stemsOfPhrase(phrase.text, page.language))) continue;
        report({
          message: `Title and H1 say ${quote(phrase.text, 60)}, for which ${pathOf(target.address)} wants to be found.`,
          on: [{ page, at: { part: "title" }, weight: "may", related: [{ at: { part: "title" }, page: target }] }],
        });
      }
    }
  },
});
