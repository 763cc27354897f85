import { pathOf } from "../../address/address.ts";
import { hostOf, linkTarget } from "../../site/links.ts";
import type { PageSummary } from "../../site/page-summary.ts";
import { guidance, siteRule } from "../rule.ts";

const keyOf = (address: string) => {
  const host = hostOf(address);
  const target = linkTarget(address, host);
  return target === null ? null : host + target;
};

/** The versions in other languages that a summary names, by where they are. */
function alternatesOf({ alternates = "" }: PageSummary): { language: string; address: string }[] {
  if (alternates === "") return [];
  return alternates.split("\n").map((line) => {
    const tab = line.indexOf("\t");
    return { language: line.slice(0, tab), address: line.slice(tab + 1) };
  });
}

export const alternateNoReturn = siteRule({
  id: "alternate/no-return",
  weight: "should",
  finds: "a version in another language that does not name this page in return",
  why: "Search engines heed hreflang only where both pages name each other; else anybody could claim to be a version of somebody's page. It is seen of pages that were brought in.",
  source: guidance("search engines' documentation of hreflang: return links"),
  *check(pages) {
    const named = pages.filter(({ alternates }) => alternates);
    if (named.length === 0) return;
    const byKey = new Map(pages.flatMap((page) => [[keyOf(page.address), page] as const]));
    for (const page of named) {
      const own = keyOf(page.address);
      for (const { language, address } of alternatesOf(page)) {
        const other = byKey.get(keyOf(address));
        if (!other || other === page) continue;
        if (alternatesOf(other).some((one) => keyOf(one.address) === own)) continue;
        yield {
          message: `The page ${pathOf(other.address)} is named as its version in “${language}” and does not name this page in return.`,
          on: [{ page, at: { part: "head" }, about: language, related: [{ at: { part: "head" }, page: other }] }],
        };
      }
    }
  },
});
