import { useEffect, useMemo, useState } from "react";
import { movedRules } from "#core/audit/moved-rules";
import { rulesFound } from "#core/findings/found";
import { foundFor } from "#core/page/found-for";
import { PAGE_KINDS, type PageKind } from "#core/page/page-kind";
import { CATALOGUE, SITE_RULES } from "#core/rules/catalogue";
import { type HouseStyle, styleForKind } from "#core/settings/house-style";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { today } from "../store/today";
import type { SiteFindings } from "../store/told-findings";
import { onPool, onPoolAll } from "../workers/pool";

/** On how many pages a rule finds something: as kept, and as it would be; null while that is counted. */
export interface RuleCount {
  kept: number;
  drafted: number | null;
}

const KINDS = Object.keys(PAGE_KINDS) as PageKind[];

/** Ids of the rules that find something else by a draft of the house style, or may do so. */
function changedRules(kept: HouseStyle, draft: HouseStyle): string[] {
  const ofPages = KINDS.flatMap((kind) => movedRules(kept, draft, kind)).map(({ rule }) => rule.id);
  const stated = (style: HouseStyle, id: string) =>
    JSON.stringify(KINDS.map((kind) => styleForKind(style, kind).rules[id] ?? null));
  const across = SITE_RULES.map(({ id }) => id).filter((id) => stated(kept, id) !== stated(draft, id));
  return [...new Set([...ofPages, ...across])];
}

/** After the last change the counting waits this long, in milliseconds. */
const REST = 200;
/** Pages that one worker counts at a time. */
const CHUNK = 200;

async function countOf(
  id: string,
  site: SiteRecord,
  pages: readonly PageRecord[],
  draft: HouseStyle,
  signal: AbortSignal,
): Promise<number> {
  const rule = CATALOGUE.get(id);
  if (rule?.reach !== "page") return onPool(async (worker) => await worker.countSiteRule(id, site.id, draft));
  // Where it is off it finds nothing; that need not be counted.
  const on = pages.filter((page) => styleForKind(draft, page.kind).rules[id]?.on ?? !rule.off);
  const chunks = Array.from({ length: Math.ceil(on.length / CHUNK) }, (_, i) => on.slice(i * CHUNK, (i + 1) * CHUNK));
  const trials = chunks.map((chunk) => chunk.map((page) => ({ pageId: page.id, kind: page.kind, ...foundFor(page) })));
  const counts = await onPoolAll(trials, (worker, chunk) => worker.countRule(id, chunk, draft, today()), { signal });
  return counts.reduce((sum, count) => sum + count, 0);
}

/** On how many pages each rule finds something as the site is kept: pages, never findings, so that a draft can be compared. */
export function keptCounts(
  pages: readonly Pick<PageRecord, "found">[],
  across: Pick<SiteFindings, "ofPage">,
): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  const add = (rules: Iterable<string>) => {
    for (const rule of new Set(rules)) counts.set(rule, (counts.get(rule) ?? 0) + 1);
  };
  for (const { found } of pages) add(rulesFound(found));
  for (const findings of across.ofPage.values()) add(findings.map(({ group }) => group.rule));
  return counts;
}

/** What a draft of the house style does to the findings: counted again whenever it changes. */
export function useRuleCounts(
  site: SiteRecord,
  pages: readonly PageRecord[] | null,
  across: SiteFindings,
  draft: HouseStyle,
): { counts: ReadonlyMap<string, RuleCount>; changed: readonly string[] } {
  const changed = useMemo(() => changedRules(site.houseStyle, draft), [site.houseStyle, draft]);
  const kept = useMemo(() => keptCounts(pages ?? [], across), [pages, across]);
  const [drafted, setDrafted] = useState<ReadonlyMap<string, number>>(new Map());
  // biome-ignore lint/correctness/useExhaustiveDependencies: pages that change while a setting is tried are counted at the next change
  useEffect(() => {
    setDrafted(new Map());
    if (!pages || changed.length === 0) return;
    const controller = new AbortController();
    const timer = setTimeout(async () => {
      for (const id of changed) {
        const count = await countOf(id, site, pages, draft, controller.signal);
        if (controller.signal.aborted) return;
        setDrafted((all) => new Map(all).set(id, count));
      }
    }, REST);
    return () => {
      clearTimeout(timer);
      controller.abort();
    };
  }, [changed, draft, site.id]);
  const counts = useMemo(() => {
    const all = new Map<string, RuleCount>();
    for (const id of CATALOGUE.keys()) {
      const now = kept.get(id) ?? 0;
      all.set(id, { kept: now, drafted: changed.includes(id) ? (drafted.get(id) ?? null) : now });
    }
    return all;
  }, [kept, drafted, changed]);
  return { counts, changed };
}
