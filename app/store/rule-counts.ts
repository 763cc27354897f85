import { emptyPage } from "#core/page/empty";
import { statedMeta } from "#core/page/fields";
import { keyHeadings, plainHeading } from "#core/page/headings";
import { originalFromText } from "#core/page/original";
import type { Page } from "#core/page/page";
import type { PageKind } from "#core/page/page-kind";
import { applyToPage } from "#core/rewrite/apply";
import { auditRule } from "#core/rules/audit";
import { type HouseStyle, styleForKind } from "#core/rules/house-style";
import { auditSite } from "#core/site/audit-site";
import { db } from "./db";
import { setAsideFor } from "./examine";
import { loadPage } from "./freshen";
import type { SetAsideRecord } from "./records/set-asides";
import type { SummaryRecord } from "./records/summaries";

/** Parts of a page that its summary holds: rules that see no others can be tried without reading the source again. */
const SUMMARISED: ReadonlySet<keyof Page> = new Set([
  "titles",
  "metas",
  "address",
  "language",
  "headings",
] as (keyof Page)[]);
/** Rules that look for other `meta` elements than the description. */
const NEEDS_SOURCE = /^(?:head|keywords-meta)\/|^title\/meta-title$|^description\/several$|^heading\//;

export const countsFromSummary = (rule: { id: string; sees: readonly (keyof Page)[] }) =>
  !NEEDS_SOURCE.test(rule.id) && rule.sees.every((part) => SUMMARISED.has(part));

/** A page as its summary tells it. */
function pageOfSummary(summary: SummaryRecord): Page {
  const page = emptyPage(summary.address, " ", originalFromText(" "));
  page.titles = summary.title ? [{ text: summary.title, where: "head", range: null }] : [];
  page.metas = summary.description ? [statedMeta("description", summary.description)] : [];
  page.language = summary.language ? { value: summary.language, range: { start: 0, end: 0 } } : null;
  page.headings = Array.from(summary.headings, ([level, text]) => plainHeading(level, text));
  keyHeadings(page.headings);
  return page;
}

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
  fromSummary: boolean,
): Promise<number> {
  const [first] = pages;
  if (!first) return 0;
  const summaries = fromSummary ? await db().summaries.bulkGet(pages.map(({ pageId }) => pageId)) : [];
  const siteId = (await db().pages.get(first.pageId))?.siteId ?? "";
  const setAsides: SetAsideRecord[] = await db().setAsides.where("siteId").equals(siteId).toArray();
  let count = 0;
  for (const [i, { pageId, kind, phrase }] of pages.entries()) {
    let page: Page | null = null;
    if (fromSummary) {
      const summary = summaries[i];
      page = summary ? pageOfSummary(summary) : null;
    } else {
      const loaded = await loadPage(pageId);
      page = loaded && applyToPage(loaded.original, loaded.edits).page;
    }
    if (!page) continue;
    const findings = auditRule(ruleId, page, {
      phrase: phrase || null,
      houseStyle: styleForKind(houseStyle, kind),
      today,
    });
    if (findings.some((finding) => !setAsideFor(finding, pageId, setAsides))) count++;
  }
  return count;
}

/** On how many pages of a site a rule across pages finds something under a house style. */
export async function countSiteRule(ruleId: string, siteId: string, houseStyle: HouseStyle): Promise<number> {
  const summaries = await db().summaries.where("siteId").equals(siteId).toArray();
  const findings = auditSite(summaries, houseStyle).filter((finding) => finding.rule === ruleId);
  return new Set(findings.flatMap((finding) => finding.pages)).size;
}
