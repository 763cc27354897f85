import type { RuleTally } from "#core/findings/tally";
import { subjectOf } from "#core/rules/subjects";
import { TOLD_SUBJECTS } from "#core/rules/told";
import type { Weight } from "#core/settings/setting";
import type { PageRecord } from "../store/page-record";
import type { SiteFindings } from "../store/told-findings";
import { folderOf, overviewOf } from "./overview";
import type { ShownFindings } from "./use-overview";

/** Lines that belong together: a subject, or a folder of the site. */
export interface Part {
  name: string;
  note: string;
  rules: readonly RuleTally[];
  /** Beginning of the paths of its pages; "" for all. */
  below: string;
}

const number = new Intl.NumberFormat("en-GB");
export const pagesOf = (n: number) => (n === 1 ? "1 page" : `${number.format(n)} pages`);
const kindsOf = (n: number) => (n === 1 ? "1 kind" : `${n} kinds`);

/** The lines that are looked for, by the subject of their rules. */
export function partsBySubject(
  { overview, pages, findings }: ShownFindings,
  matches: (tally: RuleTally) => boolean,
): Part[] {
  return Object.entries(TOLD_SUBJECTS).flatMap(([id, name]) => {
    const rules = overview.rules.filter((tally) => subjectOf(tally.rule) === id && matches(tally));
    if (rules.length === 0) return [];
    const on = pages?.filter(
      (page) =>
        page.found.includes(`\n${id}/`) ||
        findings.ofPage.get(page.id)?.some(({ group }) => subjectOf(group.rule) === id),
    ).length;
    return { name, rules, below: "", note: kindsOf(rules.length) + (on === undefined ? "" : `, on ${pagesOf(on)}`) };
  });
}

/** The lines that are looked for, by the folder of the pages. */
export function partsByFolder(
  pages: readonly PageRecord[],
  findings: SiteFindings,
  weight: Weight | null,
  matches: (tally: RuleTally) => boolean,
): Part[] {
  const folders = new Map<string, PageRecord[]>();
  for (const page of pages) {
    const folder = folderOf(page.address);
    const own = folders.get(folder);
    if (own) own.push(page);
    else folders.set(folder, [page]);
  }
  return [...folders]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .flatMap(([folder, own]) => {
      const rules = overviewOf(own, findings, weight).rules.filter(matches);
      return rules.length === 0
        ? []
        : {
            name: folder === "/" ? "At the root" : folder,
            rules,
            below: folder,
            note: `${kindsOf(rules.length)}, on ${pagesOf(own.length)}`,
          };
    });
}
