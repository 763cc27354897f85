import { auditRule } from "#core/audit/auditor";
import { examinePage } from "#core/audit/examine-page";
import { expandData } from "#core/audit/expand";
import { foundAfter, type MovedRule, movedRules } from "#core/audit/moved-rules";
import { type PageContext, redraftPage } from "#core/audit/redraft-page";
import { countFound, isFound, NO_TOTALS } from "#core/findings/found";
import { setAsideBy } from "#core/findings/set-aside";
import { foundFor, toldToRules } from "#core/page/found-for";
import type { Page } from "#core/page/page";
import { readPage } from "#core/page/read";
import type { Edit } from "#core/rewrite/edits";
import { subjectOf } from "#core/rules/subjects";
import { UNREADABLE } from "#core/rules/unreadable";
import { bothDays, daysAround, holdsOn } from "#core/settings/days";
import { type HouseStyle, settingsFor, stampOf, styleForKind } from "#core/settings/house-style";
import { FACET_STAMP, staleFacets, takeFacets } from "#core/site/facets/page-facets";
import { pageOfFacets } from "#core/site/facets/page-of-facets";
import { type Basis, basisOf, type RowInputs, sameBasis, setAsideBasis } from "./basis";
import { between, changeEdits, loadRedraft, type Redraft, redraftOf } from "./changes";
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
  /** What it was worked out from. */
  basis: Basis;
  derived: PageDerived;
  facets: FacetsRecord;
  /** The redraft, with patterns resolved again. */
  edits: readonly Edit[];
}

/** Works out what follows from a page and its redraft. */
export async function freshen(original: Page, inputs: StoredInputs): Promise<Examined> {
  const { page: stored, redraft, setAsides, houseStyle, today } = inputs;
  const context = contextOf({ stored, ...redraft }, houseStyle, today);
  const { kind, guessedKind, page, edits, findings, rules, days } = await examinePage(original, context);
  return {
    id: stored.id,
    basis: basisOf(inputs),
    derived: examine(page, {
      findings: findings.filter((finding) => !setAsideBy(finding, stored.id, setAsides)),
      phrases: rules,
      houseStyle: rules.houseStyle,
      guessedKind,
      stamp: stampOf(houseStyle),
      days,
    }),
    facets: facetsRecord(stored, page, kind),
    edits,
  };
}

/** What a row is computed from, with the whole record of its page. */
type StoredInputs = RowInputs & { page: StoredPage };

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
 * Saves the row of a page if every input that it was computed from is still the same; returns whether it was. If not, the
 * earlier row stays.
 */
export async function keepExamined(tx: Tx, examined: Omit<Renewed, "edits">): Promise<boolean> {
  const page = await tx.get("pages", examined.id);
  if (!page) return false;
  const redraft = redraftOf(await tx.of("changes", "pageId", page.id));
  const setAsides = await tx.of("setAsides", "siteId", page.siteId);
  if (!sameBasis(basisOf({ page, redraft, setAsides }), examined.basis)) return false;
  await putExamined(tx, page, examined);
  return true;
}

/**
 * Saves the row of a page whose record and redraft are known to be what it was computed from. If something was set aside or
 * taken back up meanwhile, the row is marked as out of date.
 */
export async function putExamined(
  tx: Tx,
  page: StoredPage,
  { basis, derived, facets }: Pick<Renewed, "derived" | "facets"> & { basis: Pick<Basis, "setAsides"> },
): Promise<void> {
  const { id, siteId } = page;
  const setAsides = await tx.of("setAsides", "siteId", siteId);
  const stamp = basis.setAsides === setAsideBasis(id, setAsides) ? derived.stamp : "";
  const facts = factsOf(await tx.of("changes", "pageId", id), page);
  await tx.put("derived", { ...derived, ...facts, stamp, id, siteId });
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

/** How often a page is examined again because one of its inputs was changed meanwhile. */
const TRIES = 5;

/**
 * Examines pages again and saves their rows; nothing of it is an action of the editor's. Only what has moved on is computed:
 * where rules can be run on a page's facets its source is not read. A page that is changed meanwhile is examined again, up to
 * `TRIES` times. Returns how many rows were saved.
 */
export async function examinePages(site: SiteRecord, ids: readonly string[], today: string): Promise<number> {
  let saved = 0;
  let left = ids;
  for (let tries = 0; left.length > 0 && tries < TRIES; tries++) {
    const overtaken = await examineOnce(site, left, today);
    saved += left.length - overtaken.length;
    left = overtaken;
  }
  return saved;
}

/** Examines pages once and saves their rows; returns the ids of those that were changed meanwhile. */
async function examineOnce(site: SiteRecord, ids: readonly string[], today: string): Promise<string[]> {
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
    const inputs = { page, redraft, setAsides: kept.setAsides, houseStyle: site.houseStyle, today };
    if (plan.how === "rules" && before) renewed.push(withMovedRules(inputs, plan, before));
    else {
      const source = originals.get(page.original) ?? (await loadOriginal(page.original));
      if (!source) continue;
      const original = readPage(source, { address: page.address });
      if (plan.how === "facets" && before) renewed.push(withStaleFacets(original, inputs, plan.derived, before));
      else {
        await expandData(original);
        renewed.push(await freshen(original, inputs));
      }
    }
  }
  return write(async (tx) => {
    await tx.all("pages", ids);
    await tx.all("derived", ids);
    await tx.all("learnt", ids);
    await tx.foresee("changes", "pageId", ids);
    const overtaken: string[] = [];
    for (const one of renewed) {
      const { edits = [] } = kept.redrafts.get(one.id) ?? {};
      if (await keepExamined(tx, one)) {
        const page = await tx.get("pages", one.id);
        if (page && one.edits !== edits) await changeEdits(tx, page, between(edits, one.edits));
      } else if (await tx.get("pages", one.id)) overtaken.push(one.id);
    }
    return overtaken;
  });
}

/** What has to be done so that what follows from a page is of today. */
type Plan =
  | { how: "audit" }
  /** Only rules that need no source have moved. */
  | { how: "rules"; derived: DerivedRecord; moved: readonly MovedRule[] }
  /** Only some facets are taken otherwise now. */
  | { how: "facets"; derived: DerivedRecord };

function planOf(site: SiteRecord, page: StoredPage, { derived, setAsides }: KeptPages, today: string): Plan {
  const before = derived.get(page.id);
  const { houseStyle } = site;
  if (!before || before.stamp === "") return { how: "audit" };
  const stale = staleFacets(before.facetStamp).length > 0;
  if (!holdsOn(before.days, today)) return { how: "audit" };
  if (before.stamp === stampOf(houseStyle)) return stale ? { how: "facets", derived: before } : { how: "audit" };
  const was = auditedBy(site, before.stamp);
  if (!was || stale) return { how: "audit" };
  const moved = movedRules(was, houseStyle, page.chosenKind ?? before.guessedKind);
  const asides = setAsides.filter(({ rule }) => moved.some((one) => one.rule.id === rule));
  // What was set aside at one place is known by the original; what follows a pattern may read otherwise now.
  const placed = asides.some(({ scope, pageId }) => scope === "place" && pageId === page.id);
  const told = moved.every(({ rule, how }) => how !== "again" || rule.fromFacets);
  // The row holds the message of the first finding about headings.
  const outline = moved.some(
    ({ rule: { id }, how }) => subjectOf(id) === "heading" && (how === "again" || isFound(before.found, id)),
  );
  if (!told || placed || outline || before.patterned.length > 0) return { how: "audit" };
  return { how: "rules", derived: before, moved };
}

/** The house style that a stamp names, where it is known. */
const auditedBy = ({ audited = [] }: SiteRecord, stamp: string): HouseStyle | null =>
  audited.find((one) => one.stamp === stamp && stampOf(one.houseStyle) === stamp)?.houseStyle ?? null;

/** A page of which only rules have moved that are told from its facets. */
function withMovedRules(
  inputs: StoredInputs,
  { derived, moved }: Extract<Plan, { how: "rules" }>,
  facets: FacetsRecord,
): Renewed {
  const { page: stored, redraft, setAsides, houseStyle, today } = inputs;
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
  const turns = unread
    ? []
    : moved.flatMap(({ rule }) => [...(rule.changesOn?.(page, settingsFor(rule.id, rule.settings, style)) ?? [])]);
  const days = bothDays(derived.days, daysAround(today, turns));
  return {
    id: stored.id,
    basis: basisOf(inputs),
    derived: { ...derived, ...cuts, found, stamp: stampOf(houseStyle), days },
    facets: null,
    edits: redraft.edits,
  };
}

/** A page of which only some facets have to be taken again. */
function withStaleFacets(original: Page, inputs: StoredInputs, derived: DerivedRecord, before: FacetsRecord): Renewed {
  const { page: stored, redraft, houseStyle, today } = inputs;
  const { page, edits } = redraftPage(original, contextOf({ stored, ...redraft }, houseStyle, today));
  return {
    id: stored.id,
    basis: basisOf(inputs),
    derived: { ...derived, facetStamp: FACET_STAMP },
    facets: { ...before, ...takeFacets(page, staleFacets(derived.facetStamp)) },
    edits,
  };
}
