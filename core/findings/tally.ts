import { WEIGHTS, type Weight } from "../settings/setting.ts";
import type { SiteFinding } from "./finding.ts";
import { blocksIn, type Found, NO_TOTALS, type Totals } from "./found.ts";

/** What one rule has found on some pages. */
export interface RuleTally {
  rule: string;
  /** The weightiest that it has found. */
  weight: Weight;
  /** Pages on which it has found something. */
  pages: number;
  /** A finding across pages counts once, whatever the number of its pages; so does one in a JSON-LD block that they share. */
  findings: number;
}

/** What all rules have found on some pages: the weightiest first, then what most pages share. */
export interface Tally {
  /** A finding that several pages share counts once. */
  totals: Totals;
  rules: readonly RuleTally[];
}

/** A page with what was found on it. */
export interface FoundOnPage {
  id: string;
  found: Found;
}

const order = (weight: Weight) => WEIGHTS.indexOf(weight);

/**
 * Adds up what was found on pages and across them.
 *
 * @param across Findings across the pages of the site; those on none of the pages are left out.
 * @param weight Only findings of this weight are counted; null for all.
 */
export function tallyOf(
  pages: readonly FoundOnPage[],
  across: readonly SiteFinding[],
  weight: Weight | null = null,
): Tally {
  const rules = new Map<string, RuleTally>();
  const totals: Totals = { ...NO_TOTALS };
  const add = (rule: string, one: Weight, findings: number, onPages: number) => {
    totals[one] += findings;
    const tally = rules.get(rule);
    if (!tally) rules.set(rule, { rule, weight: one, pages: onPages, findings });
    else {
      tally.findings += findings;
      tally.pages += onPages;
      if (order(one) < order(tally.weight)) tally.weight = one;
    }
  };
  const foundBefore = blocksSeen();
  for (const { found } of pages) {
    for (const line of found.split("\n")) {
      if (line === "") continue;
      const [rule = "", ...counts] = line.split(" ");
      const again = counts.length > WEIGHTS.length ? foundBefore(rule, counts.slice(WEIGHTS.length)) : NO_TOTALS;
      let first = 1;
      for (const [i, one] of WEIGHTS.entries()) {
        const findings = Number(counts[i]);
        if (!(findings > 0) || (weight !== null && weight !== one)) continue;
        add(rule, one, findings - again[one], first);
        first = 0;
      }
    }
  }
  addAcross(new Set(pages.map(({ id }) => id)), across, weight, add);
  return {
    totals,
    rules: [...rules.values()].sort(
      (a, b) => order(a.weight) - order(b.weight) || b.pages - a.pages || (a.rule < b.rule ? -1 : 1),
    ),
  };
}

/** Of the findings in a page's JSON-LD blocks, those that earlier pages have in the same blocks. */
function blocksSeen(): (rule: string, cells: readonly string[]) => Readonly<Totals> {
  const seen = new Map<string, Totals>();
  return (rule, cells) => {
    const again: Totals = { ...NO_TOTALS };
    for (const [block, totals] of blocksIn(cells)) {
      const name = `${rule} ${block}`;
      const most = seen.get(name);
      if (!most) seen.set(name, totals);
      else
        for (const weight of WEIGHTS) {
          again[weight] += Math.min(most[weight], totals[weight]);
          most[weight] = Math.max(most[weight], totals[weight]);
        }
    }
    return again;
  };
}

function addAcross(
  among: ReadonlySet<string>,
  across: readonly SiteFinding[],
  weight: Weight | null,
  add: (rule: string, weight: Weight, findings: number, pages: number) => void,
): void {
  const pagesOfRule = new Map<string, Set<string>>();
  for (const { rule, weight: own, on } of across) {
    if (weight !== null && weight !== own) continue;
    const seen = pagesOfRule.get(rule) ?? new Set<string>();
    pagesOfRule.set(rule, seen);
    const before = seen.size;
    let here = false;
    for (const { page } of on) {
      if (!among.has(page)) continue;
      here = true;
      seen.add(page);
    }
    if (here) add(rule, own, 1, seen.size - before);
  }
}

/** What is known of rules that decides where to begin. */
export interface BeginBasis {
  hasFix: (rule: string) => boolean;
  /** Visits in a period to the pages on which it has found something; 0 where no figures are known. */
  visits: (rule: string) => number;
}

/**
 * What to begin with: of the rules that have fixes the weightiest, then that with the most visits to its pages, then that which
 * most pages share; null where none has. Never the addresses of pages: they are live, and a change of them needs redirects.
 */
export function toBeginWith({ rules }: Tally, { hasFix, visits }: BeginBasis): RuleTally | null {
  const able = rules.filter(({ rule }) => hasFix(rule) && !rule.startsWith("slug/"));
  const first = able.filter(({ weight }) => weight === able[0]?.weight).map((one) => ({ one, seen: visits(one.rule) }));
  return first.sort((a, b) => b.seen - a.seen)[0]?.one ?? null;
}
