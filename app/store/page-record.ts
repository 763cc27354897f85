import { type Totals, totalsFound } from "#core/findings/found";
import type { PageKind } from "#core/page/page-kind";
import { holdsOn } from "#core/settings/days";
import { db } from "./db";
import { type ChangeFacts, type DerivedRecord, NO_FACTS, NOTHING_DERIVED, type PageDerived } from "./records/derived";
import type { LearntRecord } from "./records/learnt";
import type { StoredPage } from "./records/pages";

/** A page as the screens show it: what is the editor's, and what follows from that. About a kilobyte. */
export interface PageRecord extends StoredPage, PageDerived, ChangeFacts {
  /** Findings of each weight. */
  counts: Totals;
  kind: PageKind;
  kindBy: "guess" | "editor";
}

/** The parts of a page put together; what has not been worked out yet is empty. */
export function pageRecord(own: StoredPage, derived: DerivedRecord | undefined): PageRecord {
  const follows = derived ?? { ...NOTHING_DERIVED, ...NO_FACTS };
  return {
    ...follows,
    ...own,
    counts: totalsFound(follows.found),
    kind: own.chosenKind ?? follows.guessedKind,
    kindBy: own.chosenKind ? "editor" : "guess",
  };
}

/** True if a row was computed by the house style of this stamp and holds on this day. */
export const isCurrent = (
  { stamp, days }: Pick<PageDerived, "stamp" | "days">,
  ofStyle: string,
  day: string,
): boolean => stamp === ofStyle && holdsOn(days, day);

/** A page as it is kept now; undefined where it is gone. */
export async function loadPageRecord(id: string): Promise<PageRecord | undefined> {
  const [own, derived] = await Promise.all([db().pages.get(id), db().derived.get(id)]);
  return own && pageRecord(own, derived);
}

/** The pages of a site as they are kept now, in no particular order. */
export async function loadPageRecords(siteId: string): Promise<PageRecord[]> {
  const [pages, derived] = await Promise.all([
    db().pages.where("siteId").equals(siteId).toArray(),
    db().derived.where("siteId").equals(siteId).toArray(),
  ]);
  const byId = new Map(derived.map((one) => [one.id, one]));
  return pages.map((own) => pageRecord(own, byId.get(own.id)));
}

/** What was learnt of a page elsewhere, as rules see it. */
export const learntOf = (learnt: LearntRecord | undefined): Pick<LearntRecord, "inSitemap" | "redirectedFrom"> => ({
  inSitemap: learnt?.inSitemap ?? false,
  redirectedFrom: learnt?.redirectedFrom ?? [],
});
