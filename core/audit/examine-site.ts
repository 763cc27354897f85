import { type FindingOn, fixOf, keysFor, type Related, type SiteFinding } from "../findings/finding.ts";
import { type SitePlace, sitePlaceKey } from "../findings/site-place.ts";
import { SITE_RULES } from "../rules/catalogue.ts";
import type { PictureSize, SiteContext, SiteProblem, SiteRule } from "../rules/rule.ts";
import { type HouseStyle, settingsFor, styleForKind } from "../settings/house-style.ts";
import { heaviest } from "../settings/setting.ts";
import { FACET_NAMES, type FacetName } from "../site/facets/facet-names.ts";
import type { PageFacets } from "../site/facets/page-facets.ts";
import type { Site } from "../site/index/site.ts";

/** What is known of a site beside its pages. */
export interface SiteFacts {
  /** Sizes of the picture files that were brought in, by the paths of their addresses. */
  pictures?: ReadonlyMap<string, PictureSize>;
}

/** What has become of the findings across a site's pages since the last time. */
export interface SiteFindingsChange {
  gone: readonly SiteFinding[];
  come: readonly SiteFinding[];
}

/**
 * The facets that rules across pages look at. Without a phrase that anybody looks for, rules that see phrases find nothing,
 * and what they alone look at need not be taken.
 */
export function facetsSeen({ phrases }: { phrases: boolean }): FacetName[] {
  const seen = SITE_RULES.flatMap(({ sees }) =>
    phrases || !sees.some((name) => name === "phrase" || name === "list") ? sees : [],
  );
  return FACET_NAMES.filter((name) => seen.includes(name));
}

/** Findings across the pages of a site: on each page as the house style of its kind says. */
export function auditSite(site: Site, houseStyle: HouseStyle, known: SiteFacts = {}): SiteFinding[] {
  return SITE_RULES.flatMap((rule) => auditSiteRule(rule, site, houseStyle, known));
}

/**
 * An audit across pages that remembers: a rule runs again where something has changed of what it sees of the pages, and a
 * finding that is found again is the same object. Another house style needs a new one; the picture files may change.
 */
export function siteAuditor(houseStyle: HouseStyle): (site: Site, known?: SiteFacts) => SiteFindingsChange {
  const remembered = new Map<
    SiteRule,
    { basis: number; known: SiteFacts; findings: ReadonlyMap<string, SiteFinding> }
  >();
  return (site, known = {}) => {
    const gone: SiteFinding[] = [];
    const come: SiteFinding[] = [];
    for (const rule of SITE_RULES) {
      const before = remembered.get(rule);
      // A finding names its pages by their addresses, and is as the house style of their kinds says.
      const basis = site.revision([...rule.sees, "kind", "address"]);
      if (before?.basis === basis && before.known.pictures === known.pictures) continue;
      const findings = new Map<string, SiteFinding>();
      for (const finding of auditSiteRule(rule, site, houseStyle, known)) {
        const name = nameOf(finding);
        const same = before?.findings.get(name);
        findings.set(name, same ?? finding);
        if (!same) come.push(finding);
      }
      for (const [name, finding] of before?.findings ?? []) if (!findings.has(name)) gone.push(finding);
      remembered.set(rule, { basis, known, findings });
    }
    return { gone, come };
  };
}

/** What tells a finding from all others of its rule, and from itself as it was. */
function nameOf(finding: SiteFinding): string {
  const [only, ...others] = finding.on;
  // Tens of thousands may be of one page each.
  if (only && others.length === 0 && !only.fix && !only.related && Object.keys(only.at).length === 1)
    return `${finding.message}\n${only.page}\n${only.address}\n${only.key}\n${only.weight}`;
  return JSON.stringify(finding);
}

const NO_PICTURES: ReadonlyMap<string, PictureSize> = new Map();

/** What one rule finds across the pages of a site. */
export function auditSiteRule(
  rule: SiteRule,
  site: Site,
  houseStyle: HouseStyle,
  { pictures = NO_PICTURES }: SiteFacts = {},
): SiteFinding[] {
  const { kinds } = houseStyle;
  const styleOf = ({ kind }: PageFacets) => (kind && kinds ? styleForKind(houseStyle, kind) : houseStyle);
  const isOn = (style: HouseStyle) => style.rules[rule.id]?.on ?? !rule.off;
  // Most house styles say the same for pages of every kind.
  const styles = new Set([houseStyle, ...(kinds ? Array.from(site.pages.values(), styleOf) : [])]);
  if (![...styles].some(isOn)) return [];
  const settings = new Map([...styles].map((style) => [style, settingsFor(rule.id, rule.settings, style)]));
  const context: SiteContext<Record<string, unknown>> = {
    settingsFor: (page) => settings.get(styleOf(page)) ?? {},
    brandFor: styleOf,
    pictures,
  };
  // Most pages have one finding of a rule, which needs no counting.
  const keys = new Map<string, readonly [place: string, about?: string] | ReturnType<typeof keysFor>>();
  const keyOn = ({ id }: PageFacets, at: SitePlace, about?: string) => {
    const place = sitePlaceKey(at);
    let earlier = keys.get(id);
    if (earlier === undefined) {
      keys.set(id, about === undefined ? [place] : [place, about]);
      return keysFor(rule.id)(place, about);
    }
    if (typeof earlier !== "function") {
      const counting = keysFor(rule.id);
      counting(...earlier);
      earlier = counting;
      keys.set(id, counting);
    }
    return earlier(place, about);
  };
  const findings: SiteFinding[] = [];
  const report = ({ message, on: places }: SiteProblem) => {
    const on = places.flatMap(({ page, at, about, weight, related, ...problem }): FindingOn[] => {
      const style = styleOf(page);
      const key = keyOn(page, at, about);
      if (!isOn(style)) return [];
      const fix = fixOf(problem);
      const weighs = style.rules[rule.id]?.weight ?? weight ?? rule.weight;
      return [
        {
          page: page.id,
          address: page.address,
          at,
          weight: weighs,
          key,
          ...(related && { related: related.map((one) => relatedTo(one.at, one.page)) }),
          ...(fix && { fix }),
        },
      ];
    });
    if (on.length === 0) return;
    findings.push({ rule: rule.id, weight: heaviest(on.map((one) => one.weight)), message, on });
  };
  rule.check(site, report, context);
  return findings;
}

/** Of another page its name is enough. */
const relatedTo = (at: SitePlace, page?: { id: string; address: string }): Related<SitePlace> =>
  page ? { at, page: { id: page.id, address: page.address } } : { at };
