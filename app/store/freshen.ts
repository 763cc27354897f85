import { auditRule } from "#core/audit/auditor";
import { examinePage } from "#core/audit/examine-page";
import { expandData } from "#core/audit/expand";
import { type AuditBasis, foundAfter, type MovedRule, movedRules } from "#core/audit/moved-rules";
import { type PageContext, redraftPage } from "#core/audit/redraft-page";
import { countFound, isFound, NO_TOTALS } from "#core/findings/found";
import { setAsideBy } from "#core/findings/set-aside";
import { foundFor, toldToRules } from "#core/page/found-for";
import type { Page } from "#core/page/page";
import { readPage } from "#core/page/read";
import type { Edit } from "#core/rewrite/edits";
import { UNREADABLE } from "#core/rules/unreadable";
import { type HouseStyle, stampOf, styleForKind } from "#core/settings/house-style";
import { FACET_STAMP, staleFacets, takeFacets } from "#core/site/facets/page-facets";
import { pageOfFacets } from "#core/site/facets/page-of-facets";
import { basisOf, between, changeEdits, loadRedraft, type Redraft, redraftOf } from "./changes";
import { db } from "./db";
import { cutsOf, examine, facetsRecord } from "./examine";
import { loadOriginal, loadOriginals } from "./originals";
import { learntOf } from "./page-record";
import type { ChangeRecord } from "./records/changes";
import type { DerivedRecord, PageDerived } from "./records/derived";
import type { FacetsRecord } from "./records/facets";
import type { StoredPage } from "./records/pages";
import type { SetAsideRecord } from "./records/set-asides";
import type { SiteRecord } from "./records/sites";
import { factsOf, type Tx, write } from "./transact";

/** A page as it is kept, read and with its redraft. */
export interface LoadedPage extends Pick<Redraft, "edits" | "settled"> {
  stored: StoredPage;
  original: Page;
}

/** Loads and reads a page; null where its record or its source is gone. */
export async function loadPage(pageId: string): Promise<LoadedPage | null> {
  const stored = await db().pages.get(pageId);
  const source = stored && (await loadOriginal(stored.original));
  if (!stored || !source) return null;
  const { edits, settled } = await loadRedraft(pageId);
  const original = readPage(source, { address: stored.address });
  await expandData(original);
  return { stored, original, edits, settled };
}

/** What was worked out from a page and its redraft. */
export interface Examined {
  id: string;
  /** Names what it was worked out from. */
  basis: string;
  derived: PageDerived;
  facets: FacetsRecord;
  /** The redraft, with patterns resolved again. */
  edits: readonly Edit[];
}

/** Works out what follows from a page and its redraft. */
export async function freshen(
  loaded: LoadedPage,
  houseStyle: HouseStyle,
  setAsides: readonly SetAsideRecord[],
  today: string,
): Promise<Examined> {
  const { stored, original } = loaded;
  const { kind, guessedKind, page, edits, findings, rules } = await examinePage(
    original,
    contextOf(loaded, houseStyle, today),
  );
  const open = findings.filter((finding) => !setAsideBy(finding, stored.id, setAsides));
  const stamp = stampOf(houseStyle, today);
  return {
    id: stored.id,
    basis: basisOf(stored, loaded),
    derived: examine(page, { findings: open, phrases: rules, houseStyle: rules.houseStyle, guessedKind, stamp }),
    facets: facetsRecord(stored, page, kind),
    edits,
  };
}

/** What is known of a kept page beside its source. */
export const contextOf = (
  { stored, edits, settled }: Omit<LoadedPage, "original">,
  houseStyle: HouseStyle,
  today: string,
): PageContext => ({
  houseStyle,
  today,
  ...foundFor(stored),
  chosenKind: stored.chosenKind,
  edits,
  settled,
});

/**
 * Keeps what was worked out from a page, where the page is still what it was worked out from; whether it was. Where it is
 * not, what was kept before stands, and is worked out again by itself.
 */
export async function keepExamined(tx: Tx, examined: Omit<Renewed, "edits">): Promise<boolean> {
  const page = await tx.get("pages", examined.id);
  if (!page) return false;
  const changes = await tx.of("changes", "pageId", page.id);
  if (basisOf(page, redraftOf(changes)) !== examined.basis) return false;
  await putExamined(tx, page, examined);
  return true;
}

/** Keeps what was worked out from a page that is known to be still what it was worked out from. */
export async function putExamined(
  tx: Tx,
  page: StoredPage,
  { derived, facets }: Pick<Renewed, "derived" | "facets">,
): Promise<void> {
  const { id, siteId } = page;
  await tx.put("derived", { ...derived, ...factsOf(await tx.of("changes", "pageId", id), page), id, siteId });
  if (facets) await tx.put("facets", { ...facets, ...learntOf(await tx.get("learnt", id)) });
}

/** What is kept of some pages, read at once. */
export interface KeptPages {
  stored: readonly StoredPage[];
  derived: ReadonlyMap<string, DerivedRecord>;
  redrafts: ReadonlyMap<string, Redraft>;
  setAsides: readonly SetAsideRecord[];
}

export async function readKept(site: SiteRecord, ids: readonly string[]): Promise<KeptPages> {
  const [stored, derived, changes, setAsides] = await Promise.all([
    db().pages.bulkGet([...ids]),
    db().derived.bulkGet([...ids]),
    db().changes.where("pageId").anyOf(ids).toArray(),
    db().setAsides.where("siteId").equals(site.id).toArray(),
  ]);
  const byPage = new Map<string, ChangeRecord[]>(ids.map((id) => [id, []]));
  for (const change of changes) byPage.get(change.pageId)?.push(change);
  return {
    stored: stored.flatMap((page) => page ?? []),
    derived: new Map(derived.flatMap((one) => (one ? [[one.id, one] as const] : []))),
    redrafts: new Map(ids.map((id) => [id, redraftOf(byPage.get(id) ?? [])])),
    setAsides,
  };
}

/** A page whose findings, or its facets, are worked out anew. */
type Renewed = Omit<Examined, "facets"> & { facets: FacetsRecord | null };

/**
 * Works out again what has become of kept pages, and writes what follows; nothing of it is an action of the editor's. Only
 * what has moved on is worked out: where rules can be run on what is kept of a page its source is not read. A page that was
 * changed meanwhile is left for the next time. Returns how many were written.
 */
export async function examinePages(site: SiteRecord, ids: readonly string[], today: string): Promise<number> {
  const kept = await readKept(site, ids);
  const plans = kept.stored.map((page) => ({ page, plan: planOf(site, page, kept, today) }));
  const [facets, originals] = await Promise.all([
    db().facets.bulkGet(plans.flatMap(({ page, plan }) => (plan.how === "audit" ? [] : page.id))),
    loadOriginals(plans.flatMap(({ page, plan }) => (plan.how === "rules" ? [] : page.original))),
  ]);
  const facetsById = new Map(facets.flatMap((one) => (one ? [[one.id, one] as const] : [])));
  const renewed: Renewed[] = [];
  for (const { page, plan } of plans) {
    const redraft = kept.redrafts.get(page.id) as Redraft;
    const before = facetsById.get(page.id);
    if (plan.how === "rules" && before) renewed.push(withMovedRules(site, page, plan, before, redraft, today));
    else {
      const source = originals.get(page.original) ?? (await loadOriginal(page.original));
      if (!source) continue;
      const original = readPage(source, { address: page.address });
      const loaded = { stored: page, original, ...redraft };
      if (plan.how === "facets" && before) renewed.push(withStaleFacets(site, loaded, plan.derived, before, today));
      else {
        await expandData(original);
        renewed.push(await freshen(loaded, site.houseStyle, kept.setAsides, today));
      }
    }
  }
  return write(async (tx) => {
    await tx.all("pages", ids);
    await tx.all("derived", ids);
    await tx.all("learnt", ids);
    await tx.foresee("changes", "pageId", ids);
    let written = 0;
    for (const one of renewed) {
      const { edits = [] } = kept.redrafts.get(one.id) ?? {};
      if (!(await keepExamined(tx, one))) continue;
      const page = await tx.get("pages", one.id);
      if (page && one.edits !== edits) await changeEdits(tx, page, between(edits, one.edits));
      written++;
    }
    return written;
  });
}

/** What has to be done so that what follows from a page is of today. */
type Plan =
  | { how: "audit" }
  /** Only rules that need no source have moved. */
  | { how: "rules"; derived: DerivedRecord; moved: readonly MovedRule[]; setAsides: readonly SetAsideRecord[] }
  /** Only some facets are taken otherwise now. */
  | { how: "facets"; derived: DerivedRecord };

function planOf(site: SiteRecord, page: StoredPage, { derived, setAsides }: KeptPages, today: string): Plan {
  const before = derived.get(page.id);
  const { houseStyle } = site;
  if (!before || before.stamp === "") return { how: "audit" };
  const stale = staleFacets(before.facetStamp).length > 0;
  if (before.stamp === stampOf(houseStyle, today)) return stale ? { how: "facets", derived: before } : { how: "audit" };
  const was = auditedBy(site, before.stamp);
  if (!was || stale) return { how: "audit" };
  const moved = movedRules(was, { houseStyle, today }, page.chosenKind ?? before.guessedKind);
  const asides = setAsides.filter(({ rule }) => moved.some((one) => one.rule.id === rule));
  // What was set aside at one place is known by the original; what follows a pattern may read otherwise now.
  const placed = asides.some(({ scope, pageId }) => scope === "place" && pageId === page.id);
  const told = moved.every(({ rule, how }) => how !== "again" || rule.fromFacets);
  if (!told || placed || before.patterned.length > 0) return { how: "audit" };
  return { how: "rules", derived: before, moved, setAsides: asides };
}

/** The house style and the month that a stamp names, where it is known. */
function auditedBy({ audited = [] }: SiteRecord, stamp: string): AuditBasis | null {
  const today = `${stamp.split(" ")[1]}-01`;
  const known = audited.find((one) => one.stamp === stamp && stampOf(one.houseStyle, today) === stamp);
  return known ? { houseStyle: known.houseStyle, today } : null;
}

/** A page of which only rules have moved that are told from its facets. */
function withMovedRules(
  site: SiteRecord,
  stored: StoredPage,
  { derived, moved, setAsides }: Extract<Plan, { how: "rules" }>,
  facets: FacetsRecord,
  redraft: Redraft,
  today: string,
): Renewed {
  const { houseStyle } = site;
  const kind = stored.chosenKind ?? derived.guessedKind;
  const style = styleForKind(houseStyle, kind);
  const page = { ...pageOfFacets(facets), format: stored.format };
  const rules = { ...toldToRules(stored), houseStyle: style, today };
  const unread = isFound(derived.found, UNREADABLE);
  const found = unread
    ? derived.found
    : foundAfter(derived.found, moved, style, ({ id }) => {
        const findings = auditRule(id, page, rules).filter((one) => !setAsideBy(one, stored.id, setAsides));
        return countFound(findings).get(id) ?? NO_TOTALS;
      });
  const cuts = cutsOf(derived.title, derived.description, style);
  return {
    id: stored.id,
    basis: basisOf(stored, redraft),
    derived: { ...derived, ...cuts, found, stamp: stampOf(houseStyle, today) },
    facets: null,
    edits: redraft.edits,
  };
}

/** A page of which only some facets have to be taken again. */
function withStaleFacets(
  site: SiteRecord,
  loaded: LoadedPage,
  derived: DerivedRecord,
  before: FacetsRecord,
  today: string,
): Renewed {
  const { page, edits } = redraftPage(loaded.original, contextOf(loaded, site.houseStyle, today));
  return {
    id: loaded.stored.id,
    basis: basisOf(loaded.stored, loaded),
    derived: { ...derived, facetStamp: FACET_STAMP },
    facets: { ...before, ...takeFacets(page, staleFacets(derived.facetStamp)) },
    edits,
  };
}
