import { auditRule } from "#core/audit/auditor";
import { expandedPage } from "#core/audit/examine-page";
import { auditSiteRule } from "#core/audit/examine-site";
import { type RedraftedPage, redraftPage } from "#core/audit/redraft-page";
import { openOf, setAsideBy } from "#core/findings/set-aside";
import { type FoundFor, foundFor } from "#core/page/found-for";
import type { PageKind } from "#core/page/page-kind";
import { CATALOGUE } from "#core/rules/catalogue";
import type { HouseStyle } from "#core/settings/house-style";
import { pageOfFacets } from "#core/site/facets/page-of-facets";
import { Site } from "#core/site/index/site";
import { db } from "./db";
import { contextOf, loadPage } from "./freshen";
import type { FacetsRecord } from "./records/facets";
import { sizesOf } from "./records/files";
import type { SetAsideRecord } from "./records/set-asides";

export interface RuleTrial extends FoundFor {
  pageId: string;
  kind: PageKind;
}

/** On how many of these pages a rule finds something under a house style, without what was set aside. */
export async function countRule(
  ruleId: string,
  pages: readonly RuleTrial[],
  houseStyle: HouseStyle,
  today: string,
): Promise<number> {
  const [first] = pages;
  if (!first) return 0;
  const rule = CATALOGUE.get(ruleId);
  const fromFacets = rule?.reach === "page" && (rule.fromFacets ?? false);
  const facets = fromFacets ? await db().facets.bulkGet(pages.map(({ pageId }) => pageId)) : [];
  const siteId = (await db().pages.get(first.pageId))?.siteId ?? "";
  const setAsides: SetAsideRecord[] = await db().setAsides.where("siteId").equals(siteId).toArray();
  const own = setAsides.filter((record) => record.rule === ruleId);
  let count = 0;
  for (const [i, trial] of pages.entries()) {
    // What was set aside at one place is known by the original.
    const placed = own.some(({ scope, pageId }) => scope === "place" && pageId === trial.pageId);
    const read =
      fromFacets && !placed
        ? fromFacetsOf(facets[i], trial, houseStyle, today)
        : await redrafted(trial, houseStyle, today);
    const findings = read ? auditRule(ruleId, read.page, read.rules, read) : [];
    if (findings.some((finding) => !setAsideBy(finding, trial.pageId, own))) count++;
  }
  return count;
}

const fromFacetsOf = (facets: FacetsRecord | undefined, trial: RuleTrial, houseStyle: HouseStyle, today: string) =>
  facets ? redraftPage(pageOfFacets(facets), { houseStyle, today, ...foundFor(trial), chosenKind: trial.kind }) : null;

async function redrafted({ pageId }: RuleTrial, houseStyle: HouseStyle, today: string): Promise<RedraftedPage | null> {
  const loaded = await loadPage(pageId);
  return loaded && expandedPage(loaded.original, contextOf(loaded, houseStyle, today));
}

/** On how many pages of a site a rule across pages finds something under a house style, without what was set aside. */
export async function countSiteRule(ruleId: string, siteId: string, houseStyle: HouseStyle): Promise<number> {
  const rule = CATALOGUE.get(ruleId);
  if (rule?.reach !== "site") return 0;
  const facets = await db().facets.where("siteId").equals(siteId).toArray();
  const pictures = sizesOf(await db().files.where("siteId").equals(siteId).toArray());
  const setAsides = await db().setAsides.where("siteId").equals(siteId).toArray();
  const open = openOf(auditSiteRule(rule, new Site(facets), houseStyle, { pictures }), setAsides);
  return new Set(open.flatMap(({ on }) => on.map(({ page }) => page))).size;
}
