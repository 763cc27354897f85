import { auditSite } from "#core/audit/audit-site";
import { auditRule } from "#core/audit/auditor";
import { expandedPage, type RedraftedPage, redraftPage } from "#core/audit/examine-page";
import type { PageKind } from "#core/page/page-kind";
import { RULES } from "#core/rules/catalogue";
import type { HouseStyle } from "#core/settings/house-style";
import { pageOfSummary } from "#core/site/page-of-summary";
import { db } from "./db";
import { setAsideFor } from "./examine";
import { sizesOf } from "./files";
import { contextOf, loadPage } from "./freshen";
import type { SetAsideRecord } from "./records/set-asides";
import type { SummaryRecord } from "./records/summaries";

export interface RuleTrial {
  pageId: string;
  kind: PageKind;
  phrase: string;
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
  const fromSummary = RULES.find(({ id }) => id === ruleId)?.fromSummary ?? false;
  const summaries = fromSummary ? await db().summaries.bulkGet(pages.map(({ pageId }) => pageId)) : [];
  const siteId = (await db().pages.get(first.pageId))?.siteId ?? "";
  const setAsides: SetAsideRecord[] = await db().setAsides.where("siteId").equals(siteId).toArray();
  let count = 0;
  for (const [i, trial] of pages.entries()) {
    const read = fromSummary
      ? summarised(summaries[i], trial, houseStyle, today)
      : await redrafted(trial, houseStyle, today);
    const findings = read ? auditRule(ruleId, read.page, read.rules) : [];
    if (findings.some((finding) => !setAsideFor(finding, trial.pageId, setAsides))) count++;
  }
  return count;
}

type Read = Pick<RedraftedPage, "page" | "rules">;

const summarised = (
  summary: SummaryRecord | undefined,
  { kind, phrase }: RuleTrial,
  houseStyle: HouseStyle,
  today: string,
) => (summary ? redraftPage(pageOfSummary(summary), { houseStyle, today, phrase, chosenKind: kind }) : null);

async function redrafted({ pageId }: RuleTrial, houseStyle: HouseStyle, today: string): Promise<Read | null> {
  const loaded = await loadPage(pageId);
  return loaded && expandedPage(loaded.original, contextOf(loaded, houseStyle, today));
}

/** On how many pages of a site a rule across pages finds something under a house style. */
export async function countSiteRule(ruleId: string, siteId: string, houseStyle: HouseStyle): Promise<number> {
  const summaries = await db().summaries.where("siteId").equals(siteId).toArray();
  const pictures = sizesOf(await db().files.where("siteId").equals(siteId).toArray());
  const findings = auditSite(summaries, houseStyle, { pictures }).filter((finding) => finding.rule === ruleId);
  return new Set(findings.flatMap((finding) => finding.pages)).size;
}
