import type { Finding, SiteFinding } from "../findings/finding.ts";
import { totalsOf } from "../findings/finding.ts";
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

export interface PageEntry {
  file: string;
  address: string;
  language: string | null;
  title: TextEntry;
  description: TextEntry;
  headings: { level: number; text: string; line: number; column: number; landmark: LandmarkKind | null }[];
  findings: {
    rule: string;
    weight: Weight;
    message: string;
    line: number | null;
    column: number | null;
    fixable: boolean;
  }[];
}

/** The audit as JSON, version 1: documented in docs/cli.md and kept stable. */
export interface AuditReport {
  version: 1;
  pages: PageEntry[];
  site: { findings: { rule: string; weight: Weight; message: string; pages: string[] }[] };
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

function page(file: string, read: Page, findings: readonly Finding[], style: HouseStyle): PageEntry {
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
    findings: findings.map(({ rule, weight, message, at, fix }) => {
      const { line, column } = at.range ? positionOf(read.source, at.range.start) : { line: null, column: null };
      return { rule, weight, message, line, column, fixable: fix !== null };
    }),
  };
}

const pagesOf = (on: SiteFinding["on"]) => [...new Set(on.map(({ page }) => page))];

function whole(pages: PageEntry[], site: readonly SiteFinding[]): AuditReport {
  const totals = totalsOf([...pages.flatMap((p) => p.findings), ...site]);
  return {
    version: 1,
    pages,
    site: { findings: site.map(({ rule, weight, message, on }) => ({ rule, weight, message, pages: pagesOf(on) })) },
    totals,
  };
}

function rows(report: AuditReport): Record<string, string | number>[] {
  const ofPages = report.pages.flatMap((p) =>
    p.findings.map((f) => ({
      file: p.file,
      address: p.address,
      rule: f.rule,
      weight: f.weight,
      message: f.message,
      line: f.line ?? "",
      column: f.column ?? "",
    })),
  );
  const ofSite = report.site.findings.flatMap((f) =>
    f.pages.map((file) => ({
      file,
      address: report.pages.find((p) => p.file === file)?.address ?? "",
      rule: f.rule,
      weight: f.weight,
      message: f.message,
      line: "",
      column: "",
    })),
  );
  return [...ofPages, ...ofSite];
}

function text(report: AuditReport): string {
  const lines: string[] = [];
  for (const p of report.pages) {
    if (p.findings.length === 0) continue;
    lines.push(p.file);
    for (const f of p.findings) {
      const place = f.line === null ? "" : `${f.line}:${f.column} `;
      lines.push(`  ${f.weight.padEnd(6)} ${place}${f.message} (${f.rule})`);
    }
  }
  for (const f of report.site.findings)
    lines.push(`${f.weight.padEnd(6)} ${f.message} (${f.rule})`, ...f.pages.map((file) => `         ${file}`));
  const { must, should, may } = report.totals;
  const files = report.pages.length === 1 ? "1 page" : `${report.pages.length} pages`;
  lines.push(`${files}: ${must} must, ${should} should, ${may} may`);
  return lines.join("\n");
}

/** The audit in the shapes it is handed over in. */
export const auditReport = { page, whole, rows, text };
