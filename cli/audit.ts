import { statSync } from "node:fs";
import { dirname } from "node:path";
import { auditSite } from "#core/audit/examine-site";
import { type AuditReport, auditReport } from "#core/exchange/audit-report";
import { csvOf } from "#core/exchange/csv";
import { type FindingsReport, findingsHtml, findingsMarkdown, findingsReport } from "#core/exchange/findings-report";
import { checkHouseStyle } from "#core/exchange/house-style-file";
import { sarifOf } from "#core/exchange/sarif";
import { localDay } from "#core/rules/today";
import { DEFAULT_HOUSE_STYLE, type HouseStyle } from "#core/settings/house-style";
import { WEIGHTS, type Weight } from "#core/settings/setting";
import { Site } from "#core/site/index/site";
import { NO_CACHE, openCache } from "./cache.ts";
import { CommandFault, tell } from "./fault.ts";
import { baseAddress, type FileToRead, findFiles, textOf } from "./files.ts";
import { readPhrases } from "./phrases.ts";
import { countPages } from "./progress.ts";
import { startThreads, TookTooLong } from "./threads.ts";
import type { AuditedPage } from "./work.ts";

interface AuditOptions {
  style?: string;
  base: string;
  phrase?: string;
  phrases?: string;
  cache?: string;
  format: "text" | "json" | "sarif" | "csv" | "markdown" | "html";
  failOn: Weight;
}

function readStyle(file: string | undefined): HouseStyle {
  if (!file) return DEFAULT_HOUSE_STYLE;
  let value: unknown;
  try {
    value = JSON.parse(textOf(file));
  } catch (error) {
    if (error instanceof CommandFault) throw error;
    throw new CommandFault(`${file} is no house style: ${(error as Error).message}`);
  }
  const checked = checkHouseStyle(value);
  if ("reason" in checked) throw new CommandFault(`${file}: ${checked.reason}`);
  return checked.houseStyle;
}

export async function auditCommand(paths: string[], options: AuditOptions): Promise<void> {
  const houseStyle = readStyle(options.style);
  const base = baseAddress(options.base);
  const context = { phrase: options.phrase ?? "", phrases: options.phrases ?? null, houseStyle, today: localDay() };
  // What is wrong with it is said once, and not by every thread.
  if (context.phrases !== null) readPhrases(context.phrases);
  const found = paths.map((path) => ({ root: statOf(path) ? path : dirname(path), ...findFiles(path) }));
  const files = found.flatMap(({ root, files }) => files.map((file): FileToRead => ({ file, root, base })));
  for (const { path, why } of found.flatMap(({ skipped }) => skipped)) tell(`${path} ${why}; it was skipped.`);
  if (files.length === 0)
    throw new CommandFault(
      `No HTML or Markdown files in ${paths.join(", ")}. Files end in .html, .htm, .xhtml or .md.`,
    );
  const cache = options.cache === undefined ? NO_CACHE : openCache(options.cache, context);
  const counting = countPages(files.length);
  const remembered = new Map(
    files.flatMap((read) => {
      const audited = cache.get(read);
      return audited ? [[read, audited] as const] : [];
    }),
  );
  const threads = startThreads(files.length - remembered.size);
  let unreadable = 0;
  const auditOne = async (read: FileToRead): Promise<AuditedPage[]> => {
    const before = remembered.get(read);
    if (before) return [before];
    try {
      const audited = await threads.run("auditFile", read, context);
      cache.put(read, audited);
      return [audited];
    } catch (error) {
      if (error instanceof TookTooLong)
        return [await threads.run("auditFile", { ...read, unread: "too-slow" }, context)];
      if (!(error instanceof CommandFault)) throw error;
      unreadable++;
      tell(error.message.startsWith(read.file) ? error.message : `${read.file} ${error.message}.`);
      return [];
    }
  };
  let audited: AuditedPage[];
  try {
    audited = (
      await Promise.all(
        files.map(async (read) => {
          const pages = await auditOne(read);
          counting.done();
          return pages;
        }),
      )
    ).flat();
  } finally {
    counting.end();
    await threads.end();
  }
  const site = auditSite(new Site(audited.map(({ facets }) => facets)), houseStyle);
  const report = auditReport.whole(
    audited.map(({ entry }) => entry),
    site,
  );
  if (options.format === "json") print(JSON.stringify(report, null, 2));
  else if (options.format === "sarif") print(JSON.stringify(sarifOf(report), null, 2));
  else if (options.format === "csv") print(csvOf(auditReport.rows(report)));
  else if (options.format === "markdown") print(findingsMarkdown(documentOf(report, paths, context.today)));
  else if (options.format === "html") print(findingsHtml(documentOf(report, paths, context.today)));
  else print(auditReport.text(report));
  const failing = WEIGHTS.slice(0, WEIGHTS.indexOf(options.failOn) + 1);
  if (failing.some((weight) => report.totals[weight] > 0)) process.exitCode = 1;
  if (unreadable > 0) process.exitCode = 2;
}

/** The audit as the document that the screen of findings gives out. */
function documentOf(report: AuditReport, paths: readonly string[], day: string): FindingsReport {
  const addresses = new Map(report.pages.map(({ file, address }) => [file, address]));
  const across = report.site.findings.map(({ pages, ...finding }) => ({
    ...finding,
    addresses: pages.map((file) => addresses.get(file) ?? file),
  }));
  return findingsReport({ pages: report.pages, across }, { of: paths.join(", "), day });
}

function statOf(path: string): boolean {
  try {
    return statSync(path).isDirectory();
  } catch {
    return false;
  }
}

function print(text: string): void {
  process.stdout.write(text.endsWith("\n") ? text : `${text}\n`);
}
