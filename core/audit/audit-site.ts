import { type FindingOn, keysFor, type Related, type SiteFinding } from "../findings/finding.ts";
import { type SitePlace, sitePlaceKey } from "../findings/site-place.ts";
import { SITE_RULES } from "../rules/catalogue.ts";
import type { SiteContext, SiteRule } from "../rules/rule.ts";
import { type HouseStyle, settingsFor, styleForKind } from "../settings/house-style.ts";
import { heaviest } from "../settings/setting.ts";
import type { PageSummary, PictureSize } from "../site/page-summary.ts";

/** What is known of a site beside its pages. */
export interface SiteFacts {
  /** Sizes of the picture files that were brought in, by the paths of their addresses. */
  pictures?: ReadonlyMap<string, PictureSize>;
}

/** Findings across the pages of a site: on each page as the house style of its kind says. */
export function auditSite(pages: readonly PageSummary[], houseStyle: HouseStyle, known: SiteFacts = {}): SiteFinding[] {
  return SITE_RULES.flatMap((rule) => auditSiteRule(rule, pages, houseStyle, known));
}

const NO_PICTURES: ReadonlyMap<string, PictureSize> = new Map();

/** What one rule finds across the pages of a site. */
export function auditSiteRule(
  rule: SiteRule,
  pages: readonly PageSummary[],
  houseStyle: HouseStyle,
  { pictures = NO_PICTURES }: SiteFacts = {},
): SiteFinding[] {
  const { kinds } = houseStyle;
  const styleOf = ({ kind }: PageSummary) => (kind && kinds ? styleForKind(houseStyle, kind) : houseStyle);
  const isOn = (style: HouseStyle) => style.rules[rule.id]?.on ?? !rule.off;
  // Most house styles say the same for pages of every kind.
  const styles = new Set([houseStyle, ...(kinds ? pages.map(styleOf) : [])]);
  if (![...styles].some(isOn)) return [];
  const settings = new Map([...styles].map((style) => [style, settingsFor(rule.id, rule.settings, style)]));
  const context: SiteContext<Record<string, unknown>> = {
    settingsFor: (page) => settings.get(styleOf(page)) ?? {},
    brandFor: styleOf,
    pictures,
  };
  const keys = new Map<string, ReturnType<typeof keysFor>>();
  const keyOn = (page: PageSummary, at: SitePlace, about?: string) => {
    const keyOf = keys.get(page.id) ?? keysFor(rule.id);
    keys.set(page.id, keyOf);
    return keyOf(sitePlaceKey(at), about);
  };
  const findings: SiteFinding[] = [];
  for (const { message, on: places } of rule.check(pages, context)) {
    const on = places.flatMap(({ page, at, about, weight, related, fix }): FindingOn[] => {
      const style = styleOf(page);
      const key = keyOn(page, at, about);
      if (!isOn(style)) return [];
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
    if (on.length === 0) continue;
    findings.push({ rule: rule.id, weight: heaviest(on.map((one) => one.weight)), message, on });
  }
  return findings;
}

/** Of another page its name is enough. */
const relatedTo = (at: SitePlace, page?: { id: string; address: string }): Related<SitePlace> =>
  page ? { at, page: { id: page.id, address: page.address } } : { at };
