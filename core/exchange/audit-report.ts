import type { Finding, SiteFinding } from "../findings/finding.ts";
import { countCharacters } from "../measure/cut.ts";
import { descriptionOf, type LandmarkKind, languageOf, type Page, positionOf, titleOf } from "../page/page.ts";
import { setDescription, setTitle } from "../result/result.ts";
import { type HouseStyle, limitsOf } from "../settings/house-style.ts";
import type { Weight } from "../settings/setting.ts";

interface TextEntry {
  text: string;
  px: number;
  characters: number;
  /** The words that are lost on the device; null where it is shown whole. */
  cutDesktop: string | null;
  cutMobile: string | null;
}

export interface FindingEntry {
  rule: string;
  weight: Weight;
  message: string;
  line: number | null;
  column: number | null;
  /** Names the rule and the place, so that the finding is known again while its page is rewritten. */
  key: string;
}

/** What was found on a page, as most formats tell it. */
export interface FindingsEntry {
  file: string;
  address: string;
  findings: FindingEntry[];
}

/** All that is told of a page. */
export interface PageEntry extends FindingsEntry {
  language: string | null;
  title: TextEntry;
  description: TextEntry;
  headings: { level: number; text: string; line: number; column: number; landmark: LandmarkKind | null }[];
  findings: (FindingEntry & { fixable: boolean })[];
}

/** What is found across pages: the files that have it. */
export interface SiteEntry {
  rule: string;
  weight: Weight;
  message: string;
  pages: string[];
  /** As of a page's finding, of the first of its pages. */
  key: string;
}

/** What stands behind the pages of an audit. */
export interface AuditEnd {
  site: readonly SiteEntry[];
  /** So many pages were audited. */
  pages: number;
  totals: Record<Weight, number>;
}

function textEntry(text: string, set: typeof setTitle, style: HouseStyle): TextEntry {
  const desktop = set(text, "desktop", limitsOf(style));
  const mobile = set(text, "mobile", limitsOf(style));
  return {
    text,
    px: Math.round(desktop.px * 100) / 100,
    characters: countCharacters(text),
    cutDesktop: desktop.lost || null,
    cutMobile: mobile.lost || null,
  };
}

function findingEntry(read: Page, { rule, weight, message, at, key }: Finding): FindingEntry {
  const { line, column } = at.range ? positionOf(read.source, at.range.start) : { line: null, column: null };
  return { rule, weight, message, line, column, key };
}

/** What was found on a page. Fixes are not asked for: to make some takes longer than to find what they are for. */
export const findingsEntry = (file: string, read: Page, findings: readonly Finding[]): FindingsEntry => ({
  file,
  address: read.address,
  findings: findings.map((finding) => findingEntry(read, finding)),
});

/** All that is told of one page. */
export function pageEntry(file: string, read: Page, findings: readonly Finding[], style: HouseStyle): PageEntry {
  return {
    file,
    address: read.address,
    language: languageOf(read) || null,
    title: textEntry(titleOf(read), setTitle, style),
    description: textEntry(descriptionOf(read), setDescription, style),
    headings: Array.from(read.headings, ({ level, text, landmark, range }) => ({
      level,
      text,
      ...positionOf(read.source, range.start),
      landmark,
    })),
    findings: findings.map((finding) => {
      const { key, ...entry } = findingEntry(read, finding);
      return { ...entry, fixable: finding.fix !== null, key };
    }),
  };
}

/** What is told of a finding across pages. */
export const siteEntry = ({ rule, weight, message, on }: SiteFinding): SiteEntry => ({
  rule,
  weight,
  message,
  pages: [...new Set(on.map(({ page }) => page))],
  key: on[0]?.key ?? "",
});
