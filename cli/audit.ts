import { readFileSync, statSync } from "node:fs";
import { dirname, relative } from "node:path";
import { auditReport } from "#core/exchange/audit-report";
import { csvOf } from "#core/exchange/csv";
import { sarifOf } from "#core/exchange/sarif";
import { audit } from "#core/rules/audit";
import { DEFAULT_HOUSE_STYLE, type HouseStyle } from "#core/rules/house-style";
import { checkHouseStyle } from "#core/rules/house-style-schema";
import { WEIGHTS, type Weight } from "#core/rules/setting";
import { localDay } from "#core/rules/today";
import { auditSite } from "#core/site/audit-site";
import { summaryOf } from "#core/site/summary";
import { CommandFault } from "./fault.ts";
import { baseAddress, listFiles, readPageFile } from "./files.ts";

interface AuditOptions {
  style?: string;
  base: string;
  phrase?: string;
  format: "text" | "json" | "sarif" | "csv";
  failOn: Weight;
}

function readStyle(file: string | undefined): HouseStyle {
  if (!file) return DEFAULT_HOUSE_STYLE;
  let value: unknown;
  try {
    value = JSON.parse(readFileSync(file, "utf8"));
  } catch (error) {
    throw new CommandFault(`${file} is no house style: ${(error as Error).message}`);
  }
  const checked = checkHouseStyle(value);
  if ("reason" in checked) throw new CommandFault(`${file}: ${checked.reason}`);
  return checked.houseStyle;
}

export function auditCommand(paths: string[], options: AuditOptions): void {
  const houseStyle = readStyle(options.style);
  const base = baseAddress(options.base);
  const today = localDay();
  const context = { phrase: options.phrase ?? null, houseStyle, today };
  const files = paths.flatMap((path) => {
    const root = statOf(path) ? path : dirname(path);
    return listFiles(path).map((file) => ({ file, root }));
  });
  if (files.length === 0)
    throw new CommandFault(
      `No HTML or Markdown files in ${paths.join(", ")}. Files end in .html, .htm, .xhtml or .md.`,
    );
  const audited = files.map(({ file, root }) => {
    const { page } = readPageFile(file, root, base);
    const entry = auditReport.page(file, page, audit(page, context), houseStyle);
    return { entry, summary: summaryOf(file, page, { file: relative(root, file) }) };
  });
  const site = auditSite(
    audited.map(({ summary }) => summary),
    houseStyle,
  );
  const report = auditReport.whole(
    audited.map(({ entry }) => entry),
    site,
  );
  if (options.format === "json") print(JSON.stringify(report, null, 2));
  else if (options.format === "sarif") print(JSON.stringify(sarifOf(report), null, 2));
  else if (options.format === "csv") print(csvOf(auditReport.rows(report)));
  else print(auditReport.text(report));
  const failing = WEIGHTS.slice(0, WEIGHTS.indexOf(options.failOn) + 1);
  if (failing.some((weight) => report.totals[weight] > 0)) process.exitCode = 1;
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
