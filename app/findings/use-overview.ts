import { useEffect, useMemo, useState } from "react";
import { pathOf } from "#core/address/address";
import type { PageKind } from "#core/page/page-kind";
import type { Weight } from "#core/settings/setting";
import { db } from "../store/db";
import type { PageRecord } from "../store/page-record";
import type { Overview } from "../store/records/overviews";
import type { SiteRecord } from "../store/records/sites";
import { usePageRows } from "../store/rows";
import { useSiteFindings } from "../store/site-findings";
import { NOTHING, type SiteFindings } from "../store/told-findings";
import { overviewOf } from "./overview";

/** What the findings of a site are narrowed to. */
export interface Narrowed {
  weight: Weight | null;
  kind: PageKind | null;
  /** Beginning of the path; "" for all. */
  below: string;
}

/** What of a site's pages the screen of findings shows. */
export interface ShownFindings {
  overview: Overview;
  /** Those that it adds up; null while they are read. */
  pages: readonly PageRecord[] | null;
  /** All of the site; null while they are read. */
  all: readonly PageRecord[] | null;
  findings: SiteFindings;
}

/** How long nothing has to change until what is shown is kept for the next opening, in milliseconds. */
const REST = 1000;

/** How long what is found across pages is waited for at a first visit, in milliseconds: its lines would move the others. */
const PATIENCE = 1000;

/** What was added up of a site when it was last seen; null where that is not known. */
export async function loadKeptOverview(siteId: string): Promise<Overview | null> {
  const kept = await db()
    .overviews.get(siteId)
    .catch(() => null);
  // What was kept before these were counted has none of them.
  return kept ? { ...kept, conflicts: kept.conflicts ?? 0, gone: kept.gone ?? 0 } : null;
}

/**
 * What a site needs, kept up as pages change: at once as it was when it was last seen, then as its pages are. Null where
 * neither is known yet.
 */
export function useOverview(
  site: SiteRecord,
  kept: Overview | null,
  { weight, kind, below }: Narrowed,
): ShownFindings | null {
  const all = usePageRows(site.id);
  const findings = useSiteFindings(site, all !== null);
  const whole = weight === null && kind === null && below === "";
  const pages = useMemo(
    () =>
      all?.filter(
        (page) => (kind === null || page.kind === kind) && (below === "" || pathOf(page.address).startsWith(below)),
      ) ?? null,
    [all, kind, below],
  );
  const fresh = useMemo(() => (pages ? overviewOf(pages, findings, weight) : null), [pages, findings, weight]);
  const told = findings !== NOTHING;
  useEffect(() => {
    if (!fresh || !told || !whole) return;
    const timer = setTimeout(() => {
      // It is only a memory of what can be added up again.
      void db()
        .overviews.put({ ...fresh, id: site.id, siteId: site.id })
        .catch(() => {});
    }, REST);
    return () => clearTimeout(timer);
  }, [fresh, told, whole, site.id]);
  const [patient, setPatient] = useState(true);
  useEffect(() => {
    const timer = setTimeout(() => setPatient(false), PATIENCE);
    return () => clearTimeout(timer);
  }, []);
  // What is found across pages is told a moment after the pages are there: until then what was kept says more.
  const known = told || !patient ? fresh : null;
  const overview = whole && kept && !told ? kept : known;
  return useMemo(() => overview && { overview, pages, all, findings }, [overview, pages, all, findings]);
}
