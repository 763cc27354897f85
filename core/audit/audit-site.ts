import { SITE_RULES } from "../rules/catalogue.ts";
import type { SiteFinding } from "../rules/rule.ts";
import type { HouseStyle } from "../settings/house-style.ts";
import type { KnownOfSite, PageSummary } from "../site/page-summary.ts";

/** Findings across the pages of a site. */
export function auditSite(
  pages: readonly PageSummary[],
  houseStyle: HouseStyle,
  known: KnownOfSite = {},
): SiteFinding[] {
  const findings: SiteFinding[] = [];
  for (const rule of SITE_RULES) {
    const style = houseStyle.rules[rule.id];
    if (!(style?.on ?? !rule.off)) continue;
    for (const problem of rule.checkSite(pages, known)) {
      findings.push({ rule: rule.id, weight: style?.weight ?? rule.weight, ...problem });
    }
  }
  return findings;
}
