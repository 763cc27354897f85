import { useMemo } from "react";
import type { Weight } from "#core/settings/setting";
import { usePeriods } from "../store/performance";
import type { SiteRecord } from "../store/records/sites";
import { type SiteAsked, useSiteAnswer } from "../store/site-findings";
import { foundOnPage } from "./overview";
import type { ShownFindings } from "./use-overview";

/** Visits from search, in the latest period that figures are kept of, to the shown pages on which a rule has found something. */
export function useVisits(
  site: SiteRecord,
  shown: ShownFindings | null,
  weight: Weight | null,
): (rule: string) => number {
  const id = usePeriods(site.id)?.[0]?.id;
  const ask = useMemo(() => async (worker: SiteAsked) => (id === undefined ? null : worker.clicksOfPages(id)), [id]);
  const clicks = useSiteAnswer(site, ask);
  return useMemo(() => {
    const { pages, findings } = shown ?? {};
    if (!clicks || !pages || !findings) return () => 0;
    const visited = pages.filter((page) => (clicks[page.id] ?? 0) > 0);
    return (rule: string) =>
      visited.reduce(
        (sum, page) => (foundOnPage(rule, weight, page, findings) ? sum + (clicks[page.id] ?? 0) : sum),
        0,
      );
  }, [clicks, shown, weight]);
}
