import { WEIGHTS, type Weight } from "../settings/setting.ts";
import type { Fix } from "./fix.ts";
import { inPageOrder, type Place } from "./place.ts";
import type { SiteFix } from "./site-fix.ts";
import type { SitePlace } from "./site-place.ts";

/** Another place that a finding has to do with: the other page, the other heading. */
export interface Related<At = Place> {
  at: At;
  /** Where it is on another page. */
  page?: { id: string; address: string };
}

/** What the check of a rule gives back. */
export interface Problem<At = Place, F = Fix> {
  /** A sentence or two that says what is wrong here. */
  message: string;
  at: At;
  /** Overrides the rule's weight where this case weighs more or less. */
  weight?: Weight;
  related?: readonly Related<At>[];
  /** Where it is dear to make, what makes it: most findings are only counted. */
  fix?: F | (() => F | null);
  /** Tells it from others of the same rule at the same place, in words that stay while those are mended. */
  about?: string;
}

/** Something found on a page, by a rule that looks at one page or at all of a site. */
export interface Finding<At = Place, F = Fix> {
  rule: string;
  weight: Weight;
  message: string;
  at: At;
  related: readonly Related<At>[];
  fix: F | null;
  /** Names rule and place, so that a finding can be set aside and known again. */
  key: string;
}

/** The place of a finding across pages on one of them: small, since there may be tens of thousands. */
export interface FindingOn {
  /** The page's id, and its address for those that are told of it. */
  page: string;
  address: string;
  at: SitePlace;
  weight: Weight;
  key: string;
  /** Where it is not the other pages of the finding. */
  related?: readonly Related<SitePlace>[];
  fix?: SiteFix;
}

/** What a rule that looks across pages finds on each of the pages that it concerns. */
export interface SiteFinding {
  rule: string;
  /** The weightiest of its pages: a page kind may weigh it otherwise. */
  weight: Weight;
  /** Of all these pages together. */
  message: string;
  on: readonly FindingOn[];
}

/** A finding across pages as it is one of one page. */
export function findingOn({ rule, message, on }: SiteFinding, one: FindingOn): Finding<SitePlace, SiteFix> {
  const { page, at, weight, key, fix = null } = one;
  const others = on.filter((other) => other.page !== page);
  const related =
    one.related ?? others.map((other) => ({ at: other.at, page: { id: other.page, address: other.address } }));
  return { rule, weight, message, at, related, fix, key };
}

/** Findings in the order of the page; heaviest first at one place. */
export const inOrder = (a: Finding, b: Finding): number =>
  inPageOrder(a, b) || WEIGHTS.indexOf(a.weight) - WEIGHTS.indexOf(b.weight);

/** The fix of a problem. */
export const fixOf = <F extends object>({ fix }: { fix?: F | (() => F | null) }): F | null =>
  typeof fix === "function" ? fix() : (fix ?? null);

/** How many findings there are of each weight. */
export function totalsOf(findings: readonly { weight: Weight }[]): Record<Weight, number> {
  const totals = { must: 0, should: 0, may: 0 };
  for (const { weight } of findings) totals[weight]++;
  return totals;
}

/** Names findings of one rule: the rule and the place, and where several have both in common the how-manieth it is. */
export function keysFor(rule: string): (place: string, about?: string) => string {
  let seen: Map<string, number> | null = null;
  let first: string | null = null;
  return (place, about) => {
    const key = about === undefined ? `${rule} @ ${place}` : `${rule} @ ${place} (${about})`;
    if (first === null) {
      first = key;
      return key;
    }
    seen ??= new Map([[first, 1]]);
    const nth = (seen.get(key) ?? 0) + 1;
    seen.set(key, nth);
    return nth > 1 ? `${key} #${nth}` : key;
  };
}
