import { fingerprint } from "../page/fingerprint.ts";
import type { Page } from "../page/page.ts";
import type { Weight } from "../settings/setting.ts";
import { WEIGHTS } from "../settings/setting.ts";
import { blockOfPointer } from "../structured-data/graph.ts";
import type { Finding } from "./finding.ts";

/** How many findings there are of each weight. */
export type Totals = Record<Weight, number>;

export const NO_TOTALS: Readonly<Totals> = { must: 0, should: 0, may: 0 };

/** How much one rule has found on a page. */
export interface FoundByRule extends Totals {
  /** Of all this what stands in a JSON-LD block, by the name of the block: other pages may hold the same one. */
  blocks?: ReadonlyMap<string, Readonly<Totals>>;
}

/**
 * What was found on a page: of each rule how much, packed into one text, since 10,000 pages are in memory at a time. A line
 * each: the rule, then the findings of each weight, then those of each JSON-LD block (`k3f9 0.2.0`).
 */
export type Found = string;

const countsOf = (totals: Readonly<Totals>, between: string) => WEIGHTS.map((weight) => totals[weight]).join(between);
const totalsOf = (counts: readonly string[]) =>
  Object.fromEntries(WEIGHTS.map((weight, i) => [weight, Number(counts[i])])) as Totals;

const lineOf = (rule: string, found: Readonly<FoundByRule>) =>
  [
    `\n${rule} ${countsOf(found, " ")}`,
    ...Array.from(found.blocks ?? [], ([block, totals]) => `${block} ${countsOf(totals, ".")}`),
  ].join(" ");

export function packFound(found: ReadonlyMap<string, Readonly<FoundByRule>>): Found {
  return [...found]
    .filter(([, totals]) => WEIGHTS.some((weight) => totals[weight] > 0))
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([rule, totals]) => lineOf(rule, totals))
    .join("");
}

/** What was found, by rule. */
export function unpackFound(found: Found): Map<string, FoundByRule> {
  const rules = new Map<string, FoundByRule>();
  for (const line of found.split("\n").slice(1)) {
    const [rule = "", ...cells] = line.split(" ");
    const blocks = blocksIn(cells.slice(WEIGHTS.length));
    rules.set(rule, { ...totalsOf(cells), ...(blocks.size > 0 && { blocks }) });
  }
  return rules;
}

/** The blocks of a line: names and counts by turns. */
export function blocksIn(cells: readonly string[]): Map<string, Totals> {
  const blocks = new Map<string, Totals>();
  for (let i = 0; i + 1 < cells.length; i += 2) blocks.set(cells[i] ?? "", totalsOf(cells[i + 1]?.split(".") ?? []));
  return blocks;
}

/** What is counted of a finding: `block` names the JSON-LD block that it is in. */
export interface Counted {
  rule: string;
  weight: Weight;
  block?: string;
}

/** A finding as it is counted. A block is named by its text: a template may repeat it on other pages. */
export function asCounted({ rule, weight, at }: Pick<Finding, "rule" | "weight" | "at">, page: Page): Counted {
  const block = at.part === "data" ? page.data[blockOfPointer(at.pointer)] : undefined;
  return block ? { rule, weight, block: fingerprint(block.text) } : { rule, weight };
}

/** Findings by rule. */
export function countFound(findings: readonly Counted[]): Map<string, FoundByRule> {
  const found = new Map<string, Totals & { blocks?: Map<string, Totals> }>();
  for (const { rule, weight, block } of findings) {
    const totals = found.get(rule) ?? { ...NO_TOTALS };
    totals[weight]++;
    found.set(rule, totals);
    if (block === undefined) continue;
    totals.blocks ??= new Map();
    const ofBlock = totals.blocks.get(block) ?? { ...NO_TOTALS };
    ofBlock[weight]++;
    totals.blocks.set(block, ofBlock);
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
