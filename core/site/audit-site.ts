import { addressOfFile, resolveAddress } from "../address/address.ts";
import { packShapes } from "../outline/heading-patterns.ts";
import { collapse, descriptionOf, languageOf, type Page, titleOf } from "../page/page.ts";
import { SITE_RULES } from "../rules/catalogue.ts";
import type { HouseStyle } from "../rules/house-style.ts";
import type { PageSummary, SiteFinding } from "../rules/rule.ts";
import { packLinks } from "./links.ts";

/** Longest text that a summary keeps, in code units, and how many headings. */
const LONGEST = 1000;
const HEADINGS = 24;

/** What site rules need of a page. */
export function summaryOf(
  id: string,
  page: Page,
  { phrase = "", file = "" }: { phrase?: string; file?: string } = {},
): PageSummary {
  const keywords = collapse(page.metas.find((meta) => meta.name === "keywords")?.content ?? "");
  return {
    id,
    address: page.address,
    title: titleOf(page).slice(0, LONGEST),
    description: descriptionOf(page).slice(0, LONGEST),
    keywords: keywords.slice(0, LONGEST),
    language: languageOf(page),
    headings: Array.from(page.headings.slice(0, HEADINGS), ({ level, text }) => [level, text.slice(0, 200)] as const),
    phrase,
    ...(file && { also: addressOfFile(file, resolveAddress("/", page.address) ?? page.address) }),
    links: packLinks(page),
    shapes: packShapes(page),
  };
}

/** Findings across the pages of a site. */
export function auditSite(pages: readonly PageSummary[], houseStyle: HouseStyle): SiteFinding[] {
  const findings: SiteFinding[] = [];
  for (const rule of SITE_RULES) {
    const style = houseStyle.rules[rule.id];
    if (!(style?.on ?? !rule.off)) continue;
    for (const problem of rule.checkSite(pages)) {
      findings.push({ rule: rule.id, weight: style?.weight ?? rule.weight, ...problem });
    }
  }
  return findings;
}
