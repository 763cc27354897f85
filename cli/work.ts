import { relative } from "node:path";
import { auditReport, type PageEntry } from "#core/exchange/audit-report";
import { type DataReport, dataReport } from "#core/exchange/data-report";
import type { Edit } from "#core/rewrite/edits";
import { handOver } from "#core/rewrite/verify";
import { audit } from "#core/rules/audit";
import { DEFAULT_HOUSE_STYLE, type HouseStyle } from "#core/rules/house-style";
import type { PageSummary } from "#core/rules/rule";
import { summaryOf } from "#core/site/summary";
import { expandBeyond } from "#core/structured-data/expand-beyond";
import { type FileToRead, readPageFile } from "./files.ts";

// What is done with one page, on a thread that is ended where it takes too long.

export interface AuditedPage {
  entry: PageEntry;
  summary: PageSummary;
}

/** Audits one file. */
export function auditFile(
  read: FileToRead,
  context: { phrase: string | null; houseStyle: HouseStyle; today: string },
): AuditedPage {
  const { page } = readPageFile(read);
  const { file, root } = read;
  return {
    entry: auditReport.page(file, page, audit(page, context), context.houseStyle),
    summary: summaryOf(file, page, { file: relative(root, file) }),
  };
}

/** A file with edits made, and those that could not be. */
export function applyToFile(
  read: FileToRead,
  edits: readonly Edit[],
): { bytes: Uint8Array; refused: { op: Edit["op"]; reason: string }[] } {
  const { original, page } = readPageFile(read);
  const { bytes, refused } = handOver(original, edits, { address: page.address });
  return { bytes, refused: refused.map(({ edit, reason }) => ({ op: edit.op, reason })) };
}

/** Checks the structured data of one file. */
export async function checkDataOfFile(read: FileToRead, today: string): Promise<DataReport> {
  const { page } = readPageFile(read);
  await expandBeyond(page);
  return dataReport(page, audit(page, { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today }));
}

export const WORK = { auditFile, applyToFile, checkDataOfFile };
export type Work = typeof WORK;
