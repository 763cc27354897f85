import type { Fix } from "../../findings/fix.ts";
import { titleFromH1 } from "../../result/suggest.ts";
import { firstH1 } from "../../site/facets/headings.ts";
import type { PageFacets } from "../../site/facets/page-facets.ts";
import { SAME_TITLES, type SameTexts } from "../../site/index/same-texts.ts";
import { type SiteContext, siteRule, standard } from "../rule.ts";
import { counted, quote } from "../texts.ts";

const folded = (text: string) => text.trim().toLowerCase();

/** A title made of each page's own H1, where no other page has it or would be given it. */
function fixesFor(
  group: readonly PageFacets[],
  titles: SameTexts,
  { brandFor }: Pick<SiteContext<unknown>, "brandFor">,
): Map<PageFacets, Fix> {
  const proposed = group.flatMap((page) => {
    const h1 = firstH1(page.headings);
    return h1 ? [{ page, value: titleFromH1(h1, brandFor(page)) }] : [];
  });
  const times = new Map<string, number>();
  for (const { value } of proposed) times.set(folded(value), (times.get(folded(value)) ?? 0) + 1);
  const own = proposed.filter(({ value }) => times.get(folded(value)) === 1 && titles.count(value) === 0);
  return new Map(
    own.map(({ page, value }) => [
      page,
      { label: `Take the H1: ${quote(value)}`, edits: [{ op: "set-title", value, was: page.title }], suggested: true },
    ]),
  );
}

export const titleDuplicate = siteRule({
  id: "title/duplicate",
  weight: "should",
  finds: "a title that other pages have too",
  counted: ["# page has a title that other pages have too", "# pages have titles that other pages have too"],
  hasFix: true,
  why: "Two results with one title look like one page; a searcher cannot choose, and with many tabs open nobody finds the right one.",
  source: standard("WCAG 2.2 technique G88"),
  sees: ["title", "headings"],
  check(site, report, context) {
    const titles = site.index(SAME_TITLES);
    for (const ids of titles.groups()) {
      const group = site.inOrder(ids);
      const fixes = fixesFor(group, titles, context);
      report({
        message: `${counted(group.length, "page")} have the title ${quote(group[0]?.title ?? "")}.`,
        on: group.map((page) => {
          const fix = fixes.get(page);
          return { page, at: { part: "title" }, ...(fix && { fix }) };
        }),
      });
    }
  },
});
