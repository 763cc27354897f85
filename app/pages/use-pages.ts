import { useMemo } from "react";
import { useSearchParams } from "react-router";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { usePageRows } from "../store/rows";
import { useSiteFindings } from "../store/site-findings";
import type { SiteFindings } from "../store/told-findings";
import { applyFilter, type Filter, filterOf, groupedBy, queryOf } from "./filter";

export interface FilteredPages {
  all: readonly PageRecord[];
  shown: PageRecord[];
  findings: SiteFindings;
  filter: Filter;
  /** The filter as it stands in the address, to be carried along. */
  query: string;
  /** For a filter of doubles: what the first page of each group says over it. */
  groups: ReadonlyMap<string, string>;
}

/** The site's pages and those that the filter in the address shows; null while they are read. */
export function usePages(site: SiteRecord): FilteredPages | null {
  const [params] = useSearchParams();
  const all = usePageRows(site.id);
  const findings = useSiteFindings(site, all !== null);
  const asked = params.toString();
  return useMemo(() => {
    if (!all) return null;
    const filter = filterOf(new URLSearchParams(asked));
    const shown = applyFilter(all, filter, findings);
    const groups = new Map<string, string>();
    const rule = groupedBy(filter.show);
    return {
      all,
      shown: rule ? inGroups(shown, rule, findings, groups) : shown,
      findings,
      filter,
      query: queryOf(filter),
      groups,
    };
  }, [all, asked, findings]);
}

/** Pages of one group beside each other, in the order in which the rule found the groups. */
function inGroups(
  pages: PageRecord[],
  rule: string,
  findings: SiteFindings,
  labels: Map<string, string>,
): PageRecord[] {
  const shown = new Map(pages.map((page) => [page.id, page]));
  const ordered: PageRecord[] = [];
  for (const finding of findings.all) {
    if (finding.rule !== rule) continue;
    const members = finding.on.flatMap(({ page }) => shown.get(page) ?? []).sort((a, b) => a.position - b.position);
    const [first] = members;
    if (first) labels.set(first.id, finding.message);
    for (const page of members) {
      shown.delete(page.id);
      ordered.push(page);
    }
  }
  return ordered;
}
