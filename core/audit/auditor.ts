import { type Finding, inOrder, keysFor } from "../findings/finding.ts";
import type { Fix } from "../findings/fix.ts";
import { placeKey, type Redraft } from "../findings/key.ts";
import type { Page } from "../page/page.ts";
import { PAGE_RULES } from "../rules/catalogue.ts";
import type { PageRule, Report, RuleContext } from "../rules/rule.ts";
import { UNREADABLE } from "../rules/unreadable.ts";
import { type HouseStyle, settingsFor } from "../settings/house-style.ts";
import type { Weight } from "../settings/setting.ts";
import { bindFix } from "./bind-fix.ts";

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

/** What is found on a page, in its order; heaviest first at one place. Places of a redrafted page are named by its original. */
export type Auditor = (page: Page, redraft?: Redraft) => Finding[];

interface ActiveRule {
  rule: PageRule;
  context: RuleContext & { settings: Record<string, unknown> };
  /** As the house style says; undefined where it leaves that to the rule. */
  weight: Weight | undefined;
}

type RuleOfStyle = Omit<ActiveRule, "context"> & { settings: Record<string, unknown> };
const ofStyles = new WeakMap<HouseStyle, readonly RuleOfStyle[]>();

/** Rules that are on, with their settings: the same for all pages of a house style. */
function rulesOf(houseStyle: HouseStyle): readonly RuleOfStyle[] {
  let rules = ofStyles.get(houseStyle);
  if (!rules) {
    rules = PAGE_RULES.filter((rule) => houseStyle.rules[rule.id]?.on ?? !rule.off).map((rule) => ({
      rule,
      settings: settingsFor(rule.id, rule.settings, houseStyle),
      weight: houseStyle.rules[rule.id]?.weight,
    }));
    ofStyles.set(houseStyle, rules);
  }
  return rules;
}

/** Everything that a context says; the compiler asks for each. */
const SAID: Record<keyof RuleContext, true> = {
  phrase: true,
  supporting: true,
  audience: true,
  houseStyle: true,
  today: true,
  written: true,
};
const PARTS = Object.keys(SAID) as (keyof RuleContext)[];

/** The rules of the last context, those for a format apart: consecutive pages mostly have equal ones. */
let latest: {
  context: RuleContext;
  rules: readonly ActiveRule[];
  forFormats: Map<Page["format"], readonly ActiveRule[]>;
} | null = null;

/** The rules that are on for pages of a format. */
function activeRules(context: RuleContext, format: Page["format"]): readonly ActiveRule[] {
  const before = latest?.context;
  if (!latest || !before || !PARTS.every((part) => before[part] === context[part]))
    latest = { context: { ...context }, rules: rulesIn(context), forFormats: new Map() };
  let rules = latest.forFormats.get(format);
  if (!rules) {
    rules = latest.rules.filter(({ rule }) => rule.formats.includes(format));
    latest.forFormats.set(format, rules);
  }
  return rules;
}

function rulesIn(context: RuleContext): readonly ActiveRule[] {
  // Written out: copying a context of unknown shape takes as long as many rules do.
  const { phrase, supporting, audience, houseStyle, today, written } = context;
  return rulesOf(houseStyle).map(({ rule, settings, weight }) => ({
    rule,
    context: { phrase, supporting, audience, houseStyle, today, written, settings } satisfies Record<
      keyof ActiveRule["context"],
      unknown
    >,
    weight,
  }));
}

/**
 * An audit that remembers: a rule whose parts of the page are the same objects as at the last call is not run again. One
 * auditor serves one page and its redrafts; a new phrase or house style needs a new one.
 */
export function auditor(context: RuleContext): Auditor {
  let last: Page | null = null;
  let found: readonly Finding[][] = [];
  let basis: FixBasis;
  const ofNow = () => basis;
  const run = runner(ofNow);
  return (page, redraft) => {
    if (page.fault) return [unreadable(page)];
    const before = last;
    basis = { page, redraft: redraft ?? null };
    const all: Finding[] = [];
    found = activeRules(context, page.format).map((one, i) => {
      const known = found[i];
      const isSame = before && known && one.rule.sees.every((part) => before[part] === page[part]);
      const own = isSame ? known : run(one, page);
      for (const finding of own) all.push(finding);
      return own;
    });
    last = page;
    return all.sort(inOrder);
  };
}

/** Most rules find nothing on most pages. */
const NOTHING: never[] = [];

/** What fixes are made for: that of the last audit, also for findings that were remembered from an earlier one. */
interface FixBasis {
  page: Page;
  redraft: Redraft | null;
}

/** Runs rules, one after the other: all of them report to the same function, so that none needs one of its own. */
function runner(basis: () => FixBasis): (rule: ActiveRule, page: Page) => Finding[] {
  let findings: Finding[] = NOTHING;
  let running: ActiveRule;
  let keyOf: ReturnType<typeof keysFor> | null = null;
  const report: Report = ({ message, at, about, weight: own, related = NOTHING, fix = null }) => {
    const { page, redraft } = basis();
    const { rule, weight } = running;
    keyOf ??= keysFor(rule.id);
    if (findings === NOTHING) findings = [];
    const ofFix = fix && fixWhenAsked(fix, basis);
    const key = keyOf(placeKey(at, page, redraft), about);
    findings.push({
      rule: rule.id,
      weight: weight ?? own ?? rule.weight,
      message,
      at,
      related,
      get fix() {
        return ofFix?.() ?? null;
      },
      key,
    });
  };
  return (rule, page) => {
    findings = NOTHING;
    running = rule;
    keyOf = null;
    rule.rule.check(page, report, rule.context);
    return findings;
  };
}

/** Has a fix made when it is first looked at, and bound to the redraft that there is when it is looked at. */
function fixWhenAsked(fix: Fix | (() => Fix | null), basis: () => FixBasis): () => Fix | null {
  let made: Fix | null | undefined;
  let bound: { fix: Fix | null; basis: FixBasis } | null = null;
  return () => {
    const now = basis();
    if (made === undefined) made = typeof fix === "function" ? fix() : fix;
    if (bound?.basis !== now) bound = { fix: made && bindFix(made, now.page, now.redraft), basis: now };
    return bound.fix;
  };
}

/** The days, as YYYY-MM-DD, at whose beginning the rules that read the day may find something else on a page. */
export function* rulesChangeOn(page: Page, context: RuleContext): Iterable<string> {
  if (page.fault) return;
  for (const { rule, context: own } of activeRules(context, page.format))
    if (rule.changesOn) yield* rule.changesOn(page, own.settings);
}

/** The findings of one rule; none where it is off or has nothing to look at. That a page could not be read is one, too. */
export function auditRule(id: string, page: Page, context: RuleContext, redraft: Redraft | null = null): Finding[] {
  if (page.fault) return id === UNREADABLE ? [unreadable(page)] : [];
  const active = activeRules(context, page.format).find(({ rule }) => rule.id === id);
  if (!active) return [];
  const basis = { page, redraft };
  return runner(() => basis)(active, page);
}

function unreadable(page: Page): Finding {
  return {
    rule: UNREADABLE,
    weight: "must",
    message: page.values.fault
      ? `${FAULTS[page.fault ?? "empty"]} (${page.values.fault})`
      : FAULTS[page.fault ?? "empty"],
    at: { part: "head" },
    related: [],
    fix: null,
    key: UNREADABLE,
  };
}

/** All findings of one page, as an auditor gives them that has nothing to remember. */
export function audit(page: Page, context: RuleContext, redraft: Redraft | null = null): Finding[] {
  if (page.fault) return [unreadable(page)];
  const basis = { page, redraft };
  const run = runner(() => basis);
  const all: Finding[] = [];
  for (const rule of activeRules(context, page.format)) for (const finding of run(rule, page)) all.push(finding);
  return all.sort(inOrder);
}
