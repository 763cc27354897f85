import { slugOf } from "#core/address/slug";
import { widthOf } from "#core/measure/width";
import { descriptionOf, type Page, titleOf } from "#core/page/page";
import { descriptionStyle, setDescription, setTitle, titleStyle } from "#core/result/result";
import { totalsOf } from "#core/rules/audit";
import { type HouseStyle, limitsOf } from "#core/rules/house-style";
import type { Finding } from "#core/rules/rule";
import { summaryOf } from "#core/site/audit-site";
import type { PageRecord, SetAsideRecord, SummaryRecord } from "./db";

/** Whether a finding was set aside, and by which record. */
export function setAsideFor(
  finding: { rule: string; key?: string },
  pageId: string,
  records: readonly SetAsideRecord[],
): SetAsideRecord | null {
  return (
    records.find(
      (r) =>
        r.rule === finding.rule &&
        (r.scope === "site" || (r.pageId === pageId && (r.scope === "page" || r.key === finding.key))),
    ) ?? null
  );
}

export type Examined = Pick<
  PageRecord,
  "name" | "title" | "titlePx" | "titleCut" | "description" | "descriptionPx" | "descriptionCut" | "slug" | "counts"
>;

/** What the table shows of a page as it now reads. */
export function examine(page: Page, findings: readonly Finding[], houseStyle: HouseStyle): Examined {
  const limits = limitsOf(houseStyle);
  const title = titleOf(page);
  const description = descriptionOf(page);
  const h1 = page.headings.find((heading) => heading.level === 1 && heading.text !== "");
  return {
    name: (h1?.text ?? title).slice(0, 200),
    title: title.slice(0, 1000),
    titlePx: Math.round(widthOf(title, titleStyle("desktop"))),
    titleCut: setTitle(title, "desktop", limits).lost !== "",
    description: description.slice(0, 1000),
    descriptionPx: Math.round(widthOf(description, descriptionStyle("desktop"))),
    descriptionCut: setDescription(description, "desktop", limits).lost !== "",
    slug: slugOf(page.address),
    counts: totalsOf(findings),
  };
}

export function summaryRecord(pageId: string, siteId: string, page: Page): SummaryRecord {
  const summary = summaryOf(pageId, page);
  return { ...summary, title: summary.title.slice(0, 1000), description: summary.description.slice(0, 1000), siteId };
}
