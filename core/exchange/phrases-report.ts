import {
  type FirstReason,
  firstPages,
  measuredPages,
  pagesForQuestions,
  reasonInWords,
} from "../performance/first-pages.ts";
import type { Figures, Period } from "../performance/performance.ts";
import type { MatchKind } from "../phrase/phrase-finder.ts";
import { phraseKey } from "../phrase/phrase-key.ts";
import { isTooCommon } from "../rules/link/too-common.ts";
import type { PageFacets } from "../site/facets/page-facets.ts";
import { LINK_GRAPH, wordsOfLink } from "../site/index/link-graph.ts";
import { Site } from "../site/index/site.ts";
import { clashesAmong, wants } from "../standing/clashes.ts";
import { inWords } from "../standing/in-words.ts";
import { PhraseList } from "../standing/phrase-list.ts";
import { PLACES, type PlaceOfPhrase, type Standing } from "../standing/standing.ts";
import { csvOf } from "./csv.ts";
import type { PerformanceTable } from "./performance-table.ts";
import type { ListedPhrase } from "./phrase-table.ts";

/** A sentence of a page that says a phrase. */
export interface Quotation {
  sentence: string;
  /** Of the source, from 1. */
  line: number;
}

/** What was found on one page: how each phrase of the list stands, by its number, and the first sentence that says it. */
export interface PageWithPhrases {
  file: string;
  facets: PageFacets;
  standings: readonly (readonly [phrase: number, Standing])[];
  quotations: readonly (readonly [phrase: number, Quotation])[];
}

export interface PhraseEntry {
  phrase: string;
  volume: number | null;
  /** Files of the pages that are to be found for it, and that it supports. */
  target: string[];
  supporting: string[];
  /** Pages on which it stands somewhere. */
  pages: { file: string; places: Record<PlaceOfPhrase, MatchKind | null>; count: number; density: number }[];
}

export interface Opportunity {
  from: string;
  to: string;
  phrase: string;
  sentence: string;
  line: number;
}

/** How the phrases of a list stand over pages. Version 1. */
export interface PhrasesReport {
  version: 1;
  phrases: PhraseEntry[];
  clashes: { phrases: string[]; files: string[] }[];
  unused: string[];
  pagesWithout: string[];
  opportunities: Opportunity[];
  /** Where figures of a search engine were given. */
  performance?: PerformanceReport;
}

/** A page that is worth being looked at first. */
export interface FirstFile extends Figures {
  file: string;
  reasons: FirstReason[];
}

export interface PerformanceReport {
  /** As the figures say; null where they do not. */
  period: Period | null;
  first: FirstFile[];
  /** Files of pages that deserve questions with answers in their structured data. */
  questions: string[];
}

const BEST: readonly MatchKind[] = ["exact", "form", "scattered"];
const rounded = (n: number) => Math.round(n * 100) / 100;

/** Puts what was found on the pages together. `list` is the list that they were searched for, with the phrases of the pages. */
export function phrasesReport(
  list: readonly ListedPhrase[],
  found: readonly PageWithPhrases[],
  measured: PerformanceTable | null = null,
): PhrasesReport {
  const site = new Site(found.map(({ facets }) => facets));
  const graph = site.index(LINK_GRAPH);
  const numbers = new Map(list.map(({ text }, n) => [phraseKey(text), n]));
  const entries = list.map(
    ({ text, volume }): PhraseEntry => ({ phrase: text, volume, target: [], supporting: [], pages: [] }),
  );
  const entryOf = (text: string) => entries[numbers.get(phraseKey(text)) ?? -1];
  const phrases = new PhraseList(list.map(({ text }) => text));
  const fileOf = new Map(found.map(({ file, facets }) => [facets.id, file]));

  for (const { file, facets, standings } of found) {
    entryOf(facets.phrase ?? "")?.target.push(file);
    for (const text of facets.supporting ?? []) entryOf(text)?.supporting.push(file);
    const anchors = new Map<number, MatchKind>();
    for (const link of graph.incoming(facets.id))
      for (const { phrase, kind } of phrases.in(link.from.language).find(wordsOfLink(link))) {
        const before = anchors.get(phrase);
        if (!before || BEST.indexOf(kind) < BEST.indexOf(before)) anchors.set(phrase, kind);
      }
    const own = new Map(standings);
    for (const n of [...new Set([...own.keys(), ...anchors.keys()])].sort((a, b) => a - b)) {
      const { places, count = 0, density = 0 } = own.get(n) ?? {};
      const nowhere = Object.fromEntries(PLACES.map((place) => [place, null])) as Standing["places"];
      entries[n]?.pages.push({
        file,
        places: { ...(places ?? nowhere), anchors: anchors.get(n) ?? null },
        count,
        density: rounded(density),
      });
    }
  }

  const saying = new Map<number, number>();
  for (const { quotations } of found) for (const [n] of quotations) saying.set(n, (saying.get(n) ?? 0) + 1);
  const idOf = new Map(found.map(({ file, facets }) => [file, facets.id]));
  const linking = (to: string) => new Set(graph.incoming(idOf.get(to) ?? "").map(({ from }) => from.id));
  const linkingTo = new Map(entries.flatMap(({ target }) => target.map((to) => [to, linking(to)])));
  const opportunities = found.flatMap(({ file, facets, quotations }) =>
    quotations.flatMap(([n, { sentence, line }]): Opportunity[] => {
      const { phrase = "", target = [] } = entries[n] ?? {};
      if (wants(facets, phrase) || isTooCommon(saying.get(n) ?? 0, found.length)) return [];
      return target.flatMap((to) =>
        linkingTo.get(to)?.has(facets.id) ? [] : { from: file, to, phrase, sentence, line },
      );
    }),
  );
  return {
    version: 1,
    phrases: entries,
    clashes: clashesAmong(found.map(({ facets }) => facets).filter(({ noindex }) => !noindex)).map((pages) => ({
      phrases: [...new Set(pages.map(({ phrase = "" }) => phrase))],
      files: pages.flatMap(({ id }) => fileOf.get(id) ?? []),
    })),
    unused: entries.flatMap(({ phrase, target, supporting }) =>
      target.length + supporting.length === 0 ? [phrase] : [],
    ),
    pagesWithout: found.flatMap(({ file, facets }) => (phraseKey(facets.phrase ?? "") === "" ? [file] : [])),
    opportunities,
    ...(measured && { performance: performanceReport(measured, found) }),
  };
}

function performanceReport({ rows, period }: PerformanceTable, found: readonly PageWithPhrases[]): PerformanceReport {
  const measured = measuredPages(
    rows,
    found.map(({ facets }) => facets),
  );
  const fileOf = new Map(found.map(({ file, facets }) => [facets.id, file]));
  const first = firstPages(measured).map(({ id, position, ...one }) => ({
    file: fileOf.get(id) ?? "",
    ...one,
    position: position === null ? null : rounded(position),
  }));
  return { period, first, questions: pagesForQuestions(measured).map(({ id }) => fileOf.get(id) ?? "") };
}

/** One row for each phrase and page on which it stands, and one for each phrase that stands nowhere. */
export function phrasesCsv({ phrases }: PhrasesReport): string {
  const nowhere = Object.fromEntries(PLACES.map((place) => [place, ""]));
  return `${csvOf(
    phrases.flatMap(({ phrase, volume, target, supporting, pages }) => {
      const own = { phrase, volume: volume ?? "" };
      const none: Record<string, string | number> = { ...own, file: "", for: "", ...nowhere, count: "", density: "" };
      if (pages.length === 0) return [none];
      return pages.map(
        ({ file, places, count, density }): Record<string, string | number> => ({
          ...own,
          file,
          for: target.includes(file) ? "target" : supporting.includes(file) ? "supporting" : "",
          ...Object.fromEntries(PLACES.map((place) => [place, places[place] ?? ""])),
          count,
          density,
        }),
      );
    }),
  )}\r\n`;
}

/** A paragraph a phrase, then what is wrong. */
export function phrasesText(report: PhrasesReport): string {
  const { phrases, clashes, unused, pagesWithout, opportunities, performance } = report;
  const lines: string[] = [];
  for (const { phrase, volume, target, supporting, pages } of phrases) {
    const own = [...target, ...supporting];
    if (own.length === 0 && pages.length === 0) continue;
    lines.push(`${phrase}${volume === null ? "" : `, ${volume} a month`}`);
    for (const file of own) {
      const page = pages.find((one) => one.file === file);
      const { there, missing } = page ? inWords(page) : { there: "", missing: "" };
      const expected = target.includes(file) && missing ? `; ${missing}` : "";
      lines.push(`  ${file}${target.includes(file) ? "" : " (supporting)"}: ${there || "stands nowhere"}${expected}`);
    }
    const others = pages.filter(({ file }) => !own.includes(file));
    if (others.length > 0) lines.push(`  also on ${others.map(({ file }) => file).join(", ")}`);
  }
  const told = (heading: string, list: readonly string[]) => {
    if (list.length > 0) lines.push("", heading, ...list.map((one) => `  ${one}`));
  };
  told(
    "Pages after one phrase",
    clashes.map(({ phrases, files }) => `${phrases.join(", ")}: ${files.join(", ")}`),
  );
  told("Phrases without a page", unused);
  told("Pages without a phrase", pagesWithout);
  told(
    "Pages that could link to another whose phrase they name",
    opportunities.map(({ from, to, phrase, sentence, line }) => `${from}:${line} to ${to} (${phrase}): ${sentence}`),
  );
  const period = performance?.period ? `, ${performance.period.from} to ${performance.period.to}` : "";
  told(
    `Which pages first${period}`,
    performance?.first.flatMap(({ file, reasons, ...figures }) =>
      reasons.map((reason) => `${file}: ${reasonInWords(reason, figures)}`),
    ) ?? [],
  );
  told("Pages that deserve questions with answers in their structured data", performance?.questions ?? []);
  return `${lines.join("\n").trim()}\n`;
}
