import { createHash } from "node:crypto";
import { relative } from "node:path";
import { examinePage } from "#core/audit/examine-page";
import { facetsSeen } from "#core/audit/examine-site";
import { prepareFixes } from "#core/audit/expand";
import { type AuditFormat, type WrittenPage, writePage } from "#core/exchange/audit-writers";
import { type ChangeRow, editOfRow } from "#core/exchange/change-list";
import { type DataReport, dataReport } from "#core/exchange/data-report";
import type { PageWithPhrases } from "#core/exchange/phrases-report";
import { type ResultReport, resultReport, type SuggestReport, suggestReport } from "#core/exchange/result-report";
import { FOR_NOTHING } from "#core/page/found-for";
import { languageOf, positionOf } from "#core/page/page";
import { guessKind } from "#core/page/page-kind";
import type { Edit } from "#core/rewrite/edits";
import { handOver } from "#core/rewrite/verify";
import type { Days } from "#core/settings/days";
import { DEFAULT_HOUSE_STYLE, type HouseStyle, styleForKind } from "#core/settings/house-style";
import { addressByFile, facetsOf, type PageFacets } from "#core/site/facets/page-facets";
import { passagesOf } from "#core/standing/passages";
import { fewPhrases } from "#core/standing/phrase-list";
import { standingsOf } from "#core/standing/standing";
import { type PhraseFiles, phraseListIn, phrasesIn, phrasesOf } from "./assignments.ts";
import { type FetchedPage, readFetchedPage } from "./fetched-page.ts";
import { type FileToRead, readPageFile } from "./files.ts";
import { nameIn } from "./name-in.ts";

// What is done with one page, on a thread that is ended where it takes too long.

export interface AuditedPage {
  /** As the format of the run writes it. */
  written: WrittenPage;
  facets: PageFacets;
  /** The days on which the page's findings are these. */
  days: Days;
  /** SHA-256 of the file's bytes, where it was asked for. */
  hash?: string;
}

/** What pages are audited by. */
export interface AuditBasis {
  /** The target phrase of pages that were assigned none. */
  phrase: string;
  /** A CSV that assigns phrases to pages; null where none was named. */
  phrases: string | null;
  houseStyle: HouseStyle;
  today: string;
  format: AuditFormat;
  /** Whether the hashes of files are asked for. */
  hashed: boolean;
}

/** Audits one page: a file, or what was fetched. */
export async function auditPage(read: FileToRead | FetchedPage, basis: AuditBasis): Promise<AuditedPage> {
  const isFile = "file" in read;
  const { page, original } = await (isFile ? readPageFile(read) : readFetchedPage(read));
  const name = isFile ? read.file : read.asked;
  const found = isFile
    ? { also: addressByFile(relative(read.root, read.file), page) ?? "" }
    : { also: "", redirectedFrom: read.from };
  const assigned = basis.phrases === null ? undefined : phrasesOf(phrasesIn(basis.phrases), read, page.address);
  const context = { ...basis, ...FOR_NOTHING, ...assigned, phrase: assigned?.phrase || basis.phrase };
  const { kind, findings, rules, days } = await examinePage(page, context);
  await prepareFixes(page, context.phrase);
  return {
    written: writePage(basis.format, {
      file: nameIn(basis.format, name),
      page,
      findings,
      houseStyle: rules.houseStyle,
    }),
    facets: facetsOf(
      name,
      page,
      { ...found, kind, phrase: context.phrase, supporting: context.supporting },
      facetsSeen({ phrases: basis.phrase !== "" || basis.phrases !== null }),
    ),
    days,
    ...(basis.hashed && { hash: createHash("sha256").update(original.bytes).digest("hex") }),
  };
}

/** A file with what is to be applied to it. */
export type Applied = { read: FileToRead } & ({ edits: readonly Edit[] } | { rows: readonly ChangeRow[] });

/** A file with edits, or the rows of a change list, made, and those that could not be. */
export async function applyToFile(
  asked: Applied,
  { force }: { force: boolean },
): Promise<{ bytes: Uint8Array; refused: { op: string; reason: string }[] }> {
  const { original, page } = await readPageFile(asked.read);
  const made = "rows" in asked ? asked.rows.map((row) => ({ row, edit: editOfRow(page, row, { force }) })) : [];
  const edits = "edits" in asked ? asked.edits : made.flatMap(({ edit }) => ("reason" in edit ? [] : [edit as Edit]));
  const { bytes, refused } = handOver(original, edits, { address: page.address });
  const unread = made.flatMap(({ row, edit }) => {
    if (!("reason" in edit)) return [];
    const { reason, stands } = edit;
    return [
      { op: row.field, reason: stands === undefined ? reason : `${reason} Use --force to apply it all the same.` },
    ];
  });
  return { bytes, refused: [...unread, ...refused.map(({ edit, reason }) => ({ op: edit.op, reason }))] };
}

/** Checks the structured data of one file. */
export async function checkDataOfFile(read: FileToRead, today: string): Promise<DataReport> {
  const file = await readPageFile(read);
  const { page, findings } = await examinePage(file.page, { houseStyle: DEFAULT_HOUSE_STYLE, today });
  return dataReport(page, findings);
}

/** What both devices show of a file for a query. */
export async function resultOfFile(
  read: FileToRead,
  basis: { query: string; style: HouseStyle; today: string },
): Promise<ResultReport> {
  const { page } = await readPageFile(read);
  return resultReport(page, { ...basis, file: read.file, style: styleForKind(basis.style, guessKind(page)) });
}

/** Titles and descriptions out of a file's own words. */
export async function suggestForFile(
  read: FileToRead,
  basis: { phrase: string; style: HouseStyle },
): Promise<SuggestReport> {
  const { page } = await readPageFile(read);
  const kind = guessKind(page);
  return suggestReport(page, { ...basis, file: read.file, kind, style: styleForKind(basis.style, kind) });
}

/** Looks for the phrases of a list on one page, and for the first sentence that says each. */
export async function phrasesOnPage(read: FileToRead, basis: PhraseFiles): Promise<PageWithPhrases> {
  const { page } = await readPageFile(read);
  const list = phraseListIn(basis);
  const assigned = basis.assign === null ? undefined : phrasesOf(phrasesIn(basis.assign), read, page.address);
  const facets = facetsOf(read.file, page, {
    kind: guessKind(page),
    also: addressByFile(relative(read.root, read.file), page) ?? "",
    ...assigned,
  });
  const standings = [...standingsOf(page, list.phrases)];
  const quotations = standings.flatMap(([n, { count }]) => {
    const [first] = count === 0 ? [] : passagesOf(page, fewPhrases([list.phrases.texts[n] ?? ""]).in(languageOf(page)));
    const range = page.blocks[first?.block ?? -1]?.range;
    return first && range
      ? [[n, { sentence: first.sentence, line: positionOf(page.source, range.start).line }] as const]
      : [];
  });
  return { file: read.file, facets, standings, quotations };
}

export const WORK = {
  phrasesOnPage,
  auditPage,
  applyToFile,
  checkDataOfFile,
  resultOfFile,
  suggestForFile,
};
export type Work = typeof WORK;
