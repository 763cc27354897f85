import { type Found, packFound, type Totals, unpackFound } from "../findings/found.ts";
import type { PageKind } from "../page/page-kind.ts";
import { PAGE_RULES } from "../rules/catalogue.ts";
import type { Heeded, PageRule } from "../rules/rule.ts";
import { type HouseStyle, limitsOf, settingsFor, styleForKind } from "../settings/house-style.ts";
import { WEIGHTS } from "../settings/setting.ts";

/** A house style and the day on which pages are audited by it, as YYYY-MM-DD. */
export interface AuditBasis {
  houseStyle: HouseStyle;
  today: string;
}

/** What has become of a rule for pages of one kind: it is off, it weighs otherwise, or it has to be run again. */
export interface MovedRule {
  rule: PageRule;
  how: "off" | "weighed" | "again";
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** What a rule may heed that differs between two bases. */
function heededChanges(was: AuditBasis, is: AuditBasis): ReadonlySet<Heeded> {
  const [a, b] = [was.houseStyle, is.houseStyle];
  const differs: Record<Heeded, boolean> = {
    brand: a.brand !== b.brand,
    separator: a.separator !== b.separator,
    data: !same(a.data, b.data),
    limits: !same(limitsOf(a), limitsOf(b)),
    // Day by day nothing changes: what depends on it is looked at anew each month.
    today: was.today.slice(0, 7) !== is.today.slice(0, 7),
  };
  return new Set((Object.keys(differs) as Heeded[]).filter((name) => differs[name]));
}

let last: { was: HouseStyle; is: HouseStyle; days: string; byKind: Map<PageKind, readonly MovedRule[]> } | null = null;

/** The rules that find something else on pages of a kind than they did, or may do so. Once for the same two house styles. */
export function movedRules(was: AuditBasis, is: AuditBasis, kind: PageKind): readonly MovedRule[] {
  const days = `${was.today} ${is.today}`;
  if (last?.was !== was.houseStyle || last.is !== is.houseStyle || last.days !== days)
    last = { was: was.houseStyle, is: is.houseStyle, days, byKind: new Map() };
  const moved = last.byKind.get(kind) ?? compare(was, is, kind);
  last.byKind.set(kind, moved);
  return moved;
}

function compare(was: AuditBasis, is: AuditBasis, kind: PageKind): MovedRule[] {
  const before: AuditBasis = { ...was, houseStyle: styleForKind(was.houseStyle, kind) };
  const after: AuditBasis = { ...is, houseStyle: styleForKind(is.houseStyle, kind) };
  const heeded = heededChanges(before, after);
  return PAGE_RULES.flatMap((rule): MovedRule[] => {
    const [wasStyle, isStyle] = [before.houseStyle.rules[rule.id], after.houseStyle.rules[rule.id]];
    const [wasOn, isOn] = [wasStyle?.on ?? !rule.off, isStyle?.on ?? !rule.off];
    if (!isOn) return wasOn ? [{ rule, how: "off" }] : [];
    const settings = ({ houseStyle }: AuditBasis) => settingsFor(rule.id, rule.settings, houseStyle);
    if (!wasOn || rule.heeds?.some((one) => heeded.has(one)) || !same(settings(before), settings(after)))
      return [{ rule, how: "again" }];
    if (wasStyle?.weight === isStyle?.weight) return [];
    // What a rule gives some of its cases by itself is not known of findings that were weighed by the house style.
    return [{ rule, how: isStyle?.weight ? "weighed" : "again" }];
  });
}

/** What is found on a page now that rules have moved; `again` runs one of them. */
export function foundAfter(
  found: Found,
  moved: readonly MovedRule[],
  { rules }: HouseStyle,
  again: (rule: PageRule) => Readonly<Totals>,
): Found {
  const all = new Map<string, Readonly<Totals>>(unpackFound(found));
  for (const { rule, how } of moved) {
    const before = all.get(rule.id);
    const weight = rules[rule.id]?.weight;
    if (how === "off") all.delete(rule.id);
    else if (how === "again") all.set(rule.id, again(rule));
    else if (before && weight) {
      const sum = WEIGHTS.reduce((total, one) => total + before[one], 0);
      all.set(rule.id, { must: 0, should: 0, may: 0, [weight]: sum });
    }
  }
  return packFound(all);
}
