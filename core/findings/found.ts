import type { Weight } from "../settings/setting.ts";
import { WEIGHTS } from "../settings/setting.ts";

/** How many findings there are of each weight. */
export type Totals = Record<Weight, number>;

export const NO_TOTALS: Readonly<Totals> = { must: 0, should: 0, may: 0 };

/**
 * What was found on a page: of each rule how much, packed into one text, since 10,000 pages are in memory at a time. A line
 * each: the rule, then the findings of each weight.
 */
export type Found = string;

const lineOf = (rule: string, totals: Readonly<Totals>) =>
  `\n${rule} ${WEIGHTS.map((weight) => totals[weight]).join(" ")}`;

export function packFound(found: ReadonlyMap<string, Readonly<Totals>>): Found {
  return [...found]
    .filter(([, totals]) => WEIGHTS.some((weight) => totals[weight] > 0))
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([rule, totals]) => lineOf(rule, totals))
    .join("");
}

/** What was found, by rule. */
export function unpackFound(found: Found): Map<string, Totals> {
  const rules = new Map<string, Totals>();
  for (const line of found.split("\n").slice(1)) {
    const [rule = "", ...counts] = line.split(" ");
    rules.set(rule, Object.fromEntries(WEIGHTS.map((weight, i) => [weight, Number(counts[i])])) as Totals);
  }
  return rules;
}

/** Findings by rule. */
export function countFound(findings: readonly { rule: string; weight: Weight }[]): Map<string, Totals> {
  const found = new Map<string, Totals>();
  for (const { rule, weight } of findings) {
    const totals = found.get(rule) ?? { ...NO_TOTALS };
    totals[weight]++;
    found.set(rule, totals);
  }
  return found;
}

/** Whether a rule has found something. */
export const isFound = (found: Found, rule: string): boolean => found.includes(`\n${rule} `);

/** Rules that have found something. */
export const rulesFound = (found: Found): string[] => [...unpackFound(found).keys()];

/** All of it together. */
export function totalsFound(found: Found): Totals {
  const all = { ...NO_TOTALS };
  for (const totals of unpackFound(found).values()) for (const weight of WEIGHTS) all[weight] += totals[weight];
  return all;
}
