import type { Page } from "../page/page.ts";
import { RULES } from "../rules/catalogue.ts";
import { type Finding, inPageOrder, type Problem, placeKey, type Rule, type RuleContext } from "../rules/rule.ts";
import { type HouseStyle, settingsFor } from "../settings/house-style.ts";
import { WEIGHTS } from "../settings/setting.ts";

/** Why a page could not be read, as an editor is told. */
const FAULTS = {
  "too-many-nodes":
    "The source makes the parser repeat elements without end, so reading was stopped. Look for formatting tags such as font or b that are opened and never closed.",
  "too-deep":
    "Elements are nested more than 512 deep, so reading was stopped. Look for tags that are opened and never closed.",
  "nested-too-deep":
    "Quotes or lists stand in each other more than 100 deep, so it was not read. Look for lines that begin with many > or -.",
  "too-tangled":
    "Reading this Markdown would take too long for what it holds most of. Split the page, or look for signs that were pasted by accident.",
  "too-slow":
    "Reading it took so long that it was stopped. Its source is kept as it is: look there for what was pasted many times over, or nested without end.",
  failed:
    "Reading it failed, which is a fault of Keen Quill’s. Its source is kept as it is; the other pages are not affected.",
  empty: "The source is empty. Bring the page in again, or paste its HTML.",
  binary:
    "This is no text: it looks like a picture, an archive or another program's file. Choose the page's HTML instead.",
  "front-matter":
    "The front matter between the two lines of hyphens is no YAML that can be read. Mend it in the file, then bring the file in again.",
  "too-large": "The source is larger than 20 MB. Bring in the page without what is embedded in it.",
} as const;

/** The one finding of a page that could not be read. */
export const UNREADABLE = "page/unreadable";

/** Findings in the order of the page; heaviest first at one place. */
export type Auditor = (page: Page) => Finding[];

interface ActiveRule {
  rule: Rule;
  context: RuleContext & { settings: Record<string, unknown> };
  weight: Finding["weight"] | undefined;
}

/** Subjects of rules that look at what a page's source tells; the others have nothing to look at. */
const SUBJECTS: Record<Page["format"], ReadonlySet<string> | "all"> = {
  html: "all",
  markdown: new Set(["title", "description", "slug", "heading", "body", "image", "link"]),
  fields: new Set(["title", "description", "slug"]),
};

function looksAt(page: Page, id: string): boolean {
  const subjects = SUBJECTS[page.format];
  return subjects === "all" || subjects.has(id.split("/")[0] ?? "");
}

/** Rules that are on, with their settings: the same for all pages of a house style. */
const withSettings = new WeakMap<HouseStyle, readonly { rule: Rule; settings: Record<string, unknown> }[]>();
const active = new WeakMap<RuleContext, readonly ActiveRule[]>();

function activeRules(context: RuleContext): readonly ActiveRule[] {
  const { houseStyle } = context;
  let rules = active.get(context);
  if (!rules) {
    let set = withSettings.get(houseStyle);
    if (!set) {
      set = RULES.filter((rule) => houseStyle.rules[rule.id]?.on ?? !rule.off).map((rule) => ({
        rule,
        settings: settingsFor(rule.id, rule.settings, houseStyle),
      }));
      withSettings.set(houseStyle, set);
    }
    rules = set.map(({ rule, settings }) => ({
      rule,
      context: { ...context, settings },
      weight: houseStyle.rules[rule.id]?.weight,
    }));
    active.set(context, rules);
  }
  return rules;
}

const order = (a: Finding, b: Finding) => inPageOrder(a, b) || WEIGHTS.indexOf(a.weight) - WEIGHTS.indexOf(b.weight);

/**
 * An audit that remembers: a rule whose parts of the page are the same objects as at the last call is not run again. One
 * auditor serves one page and its redrafts; a new phrase or house style needs a new one.
 */
export function auditor(context: RuleContext): Auditor {
  let last: Page | null = null;
  const found = new Map<string, Finding[]>();
  return (page) => {
    if (page.fault) return [unreadable(page)];
    for (const one of activeRules(context)) {
      const { rule } = one;
      if (!looksAt(page, rule.id)) continue;
      const before = last;
      if (before && found.has(rule.id) && rule.sees.every((part) => before[part] === page[part])) continue;
      found.set(rule.id, findingsOf(one, page));
    }
    last = page;
    return [...found.values()].flat().sort(order);
  };
}

/** Most rules find nothing on most pages. */
const NOTHING: Finding[] = [];

function findingsOf({ rule, context, weight }: ActiveRule, page: Page): Finding[] {
  let findings = NOTHING;
  let seen: Map<string, number> | null = null;
  for (const problem of rule.check(page, context)) {
    const finding = findingOf(rule, problem, page);
    if (weight) finding.weight = weight;
    seen ??= new Map();
    const nth = (seen.get(finding.key) ?? 0) + 1;
    seen.set(finding.key, nth);
    if (nth > 1) finding.key += ` #${nth}`;
    if (findings === NOTHING) findings = [];
    findings.push(finding);
  }
  return findings;
}

/** The findings of one rule; none where it is off or has nothing to look at. */
export function auditRule(id: string, page: Page, context: RuleContext): Finding[] {
  const active = activeRules(context).find(({ rule }) => rule.id === id);
  if (!active || page.fault || !looksAt(page, id)) return [];
  return findingsOf(active, page);
}

function findingOf(rule: Rule, problem: Problem, page: Page): Finding {
  return {
    rule: rule.id,
    weight: problem.weight ?? rule.weight,
    message: problem.message,
    at: problem.at,
    fix: problem.fix ?? null,
    key: `${rule.id} @ ${placeKey(problem.at, page)}`,
  };
}

function unreadable(page: Page): Finding {
  return {
    rule: UNREADABLE,
    weight: "must",
    message: page.values.fault
      ? `${FAULTS[page.fault ?? "empty"]} (${page.values.fault})`
      : FAULTS[page.fault ?? "empty"],
    at: { part: "head" },
    fix: null,
    key: UNREADABLE,
  };
}

/** All findings of one page. */
export function audit(page: Page, context: RuleContext): Finding[] {
  return auditor(context)(page);
}

/** How many findings there are of each weight. */
export function totalsOf(findings: readonly { weight: Finding["weight"] }[]): Record<Finding["weight"], number> {
  const totals = { must: 0, should: 0, may: 0 };
  for (const { weight } of findings) totals[weight]++;
  return totals;
}
