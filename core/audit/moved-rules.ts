import { type Found, type FoundByRule, NO_TOTALS, packFound, type Totals, unpackFound } from "../findings/found.ts";
import type { PageKind } from "../page/page-kind.ts";
import { PAGE_RULES } from "../rules/catalogue.ts";
import type { Heeded, PageRule } from "../rules/rule.ts";
import { type HouseStyle, limitsOf, settingsFor, styleForKind } from "../settings/house-style.ts";
import { WEIGHTS, type Weight } from "../settings/setting.ts";

/** What has become of a rule for pages of one kind: it is off, it weighs otherwise, or it has to be run again. */
export interface MovedRule {
  rule: PageRule;
  how: "off" | "weighed" | "again";
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** What a rule may heed that differs between two house styles. */
function heededChanges(a: HouseStyle, b: HouseStyle): ReadonlySet<Heeded> {
  const differs: Record<Heeded, boolean> = {
    brand: a.brand !== b.brand,
    separator: a.separator !== b.separator,
    data: !same(a.data, b.data),
    names: !same(a.names, b.names),
    limits: !same(limitsOf(a), limitsOf(b)),
  };
  return new Set((Object.keys(differs) as Heeded[]).filter((name) => differs[name]));
}

let last: { was: HouseStyle; is: HouseStyle; byKind: Map<PageKind, readonly MovedRule[]> } | null = null;

/** The rules that find something else on pages of a kind than they did, or may do so. Once for the same two house styles. */
export function movedRules(was: HouseStyle, is: HouseStyle, kind: PageKind): readonly MovedRule[] {
  if (last?.was !== was || last.is !== is) last = { was, is, byKind: new Map() };
  const moved = last.byKind.get(kind) ?? compare(was, is, kind);
  last.byKind.set(kind, moved);
  return moved;
}

function compare(was: HouseStyle, is: HouseStyle, kind: PageKind): MovedRule[] {
  const before = styleForKind(was, kind);
  const after = styleForKind(is, kind);
  const heeded = heededChanges(before, after);
  return PAGE_RULES.flatMap((rule): MovedRule[] => {
    const [wasStyle, isStyle] = [before.rules[rule.id], after.rules[rule.id]];
    const [wasOn, isOn] = [wasStyle?.on ?? !rule.off, isStyle?.on ?? !rule.off];
    if (!isOn) return wasOn ? [{ rule, how: "off" }] : [];
    const settings = (style: HouseStyle) => settingsFor(rule.id, rule.settings, style);
    if (!wasOn || rule.heeds?.some((one) => heeded.has(one)) || !same(settings(before), settings(after)))
      return [{ rule, how: "again" }];
    if (wasStyle?.weight === isStyle?.weight) return [];
    // What a rule gives some of its cases by itself is not known of findings that were weighed by the house style.
    return [{ rule, how: isStyle?.weight ? "weighed" : "again" }];
  });
}

/** As many findings, all of one weight. */
const allAt = (weight: Weight, totals: Readonly<Totals>): Totals => ({
  ...NO_TOTALS,
  [weight]: WEIGHTS.reduce((sum, one) => sum + totals[one], 0),
});

/** What is found on a page now that rules have moved; `again` runs one of them. */
export function foundAfter(
  found: Found,
  moved: readonly MovedRule[],
  { rules }: HouseStyle,
  again: (rule: PageRule) => Readonly<FoundByRule>,
): Found {
  const all = new Map<string, Readonly<FoundByRule>>(unpackFound(found));
  for (const { rule, how } of moved) {
    const before = all.get(rule.id);
    const weight = rules[rule.id]?.weight;
    if (how === "off") all.delete(rule.id);
    else if (how === "again") all.set(rule.id, again(rule));
    else if (before && weight) {
      const blocks = before.blocks && new Map(Array.from(before.blocks, ([name, one]) => [name, allAt(weight, one)]));
      all.set(rule.id, { ...allAt(weight, before), ...(blocks && { blocks }) });
    }
  }
  return packFound(all);
}
