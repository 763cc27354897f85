import { pathOf } from "#core/address/address";
import { isFound } from "#core/findings/found";
import { PAGE_KINDS, type PageKind } from "#core/page/page-kind";
import { leftoverIn } from "#core/rules/leftover";
import { WEIGHTS, type Weight } from "#core/settings/setting";
import type { PageRecord } from "../store/page-record";
import type { SiteFindings } from "../store/site-findings";

/** What the sentence over the table can show, with what it is called in the queue: “5 pages whose title is cut”. */
export const SHOWS = {
  all: "in this site",
  "no-title": "without title",
  "no-description": "without description",
  "title-cut": "whose title is too wide",
  "description-cut": "whose description is too wide",
  "title-short": "whose title is too short",
  "description-short": "whose description is too short",
  "title-doubled": "with a doubled title",
  "description-doubled": "with a doubled description",
  "title-near": "with a nearly doubled title",
  "description-near": "with a nearly doubled description",
  leftover: "with leftover template text",
  "no-phrase": "without phrase",
  untouched: "not yet redrafted",
  redrafted: "redrafted",
  patterned: "with a text from a pattern",
  conflicts: "with changes to decide",
  again: "to be handed over again",
  gone: "gone from the site",
  ready: "ready",
} as const;
export type Show = keyof typeof SHOWS;

/** Everything that narrows the table down. It stands in the address of the screen. */
export interface Filter {
  show: Show;
  kind: PageKind | null;
  /** Beginning of the path. */
  below: string;
  rule: string;
  weight: Weight | null;
  find: string;
}

export const NO_FILTER: Filter = { show: "all", kind: null, below: "", rule: "", weight: null, find: "" };

export function filterOf(params: URLSearchParams): Filter {
  const show = params.get("show") ?? "";
  const kind = params.get("kind") ?? "";
  return {
    show: show in SHOWS ? (show as Show) : "all",
    kind: kind in PAGE_KINDS ? (kind as PageKind) : null,
    below: params.get("below") ?? "",
    rule: params.get("rule") ?? "",
    weight: WEIGHTS.find((one) => one === params.get("weight")) ?? null,
    find: params.get("find") ?? "",
  };
}

/** A filter as the query of an address, without what it does not narrow; "" for none. */
export function queryOf(filter: Filter): string {
  const params = new URLSearchParams();
  for (const [name, value] of Object.entries(filter)) if (value && value !== "all") params.set(name, value);
  const query = params.toString();
  return query && `?${query}`;
}

const RULE_OF: Partial<Record<Show, string>> = {
  "title-doubled": "title/duplicate",
  "description-doubled": "description/duplicate",
  "title-near": "title/near-duplicate",
  "description-near": "description/near-duplicate",
};

/** The site rule whose groups a filter shows; null where it shows none. */
export const groupedBy = (show: Show): string | null => RULE_OF[show] ?? null;

const has = (page: PageRecord, rule: string) => isFound(page.found, rule);
const found = (findings: SiteFindings, page: PageRecord, rule: string) =>
  findings.ofPage.get(page.id)?.some(({ group }) => group.rule === rule) ?? false;

const weighs = (findings: SiteFindings, page: PageRecord, weight: Weight) =>
  findings.ofPage.get(page.id)?.some(({ on }) => on.weight === weight) ?? false;

/** A page has moved on since it was handed over: by the editor's hand, or by the variables of its patterns. */
export const isToHandOverAgain = (page: PageRecord) => page.again;

const TESTS: Record<Show, (page: PageRecord, findings: SiteFindings) => boolean> = {
  all: () => true,
  "no-title": (page) => page.title === "",
  "no-description": (page) => page.description === "",
  "title-cut": (page) => page.titleCut,
  "description-cut": (page) => page.descriptionCut,
  "title-short": (page) => has(page, "title/too-narrow"),
  "description-short": (page) => has(page, "description/too-narrow"),
  "title-doubled": (page, findings) => found(findings, page, "title/duplicate"),
  "description-doubled": (page, findings) => found(findings, page, "description/duplicate"),
  "title-near": (page, findings) => found(findings, page, "title/near-duplicate"),
  "description-near": (page, findings) => found(findings, page, "description/near-duplicate"),
  leftover: (page) => leftoverIn(page.title) !== null || leftoverIn(page.description) !== null,
  "no-phrase": (page) => page.phrase === "",
  untouched: (page) => page.edits === 0,
  redrafted: (page) => page.edits > 0,
  patterned: (page) => page.patterned.length > 0,
  conflicts: (page) => page.conflicts > 0,
  again: isToHandOverAgain,
  gone: (page) => page.goneSince !== null,
  ready: (page) => page.ready,
};

export const shows = (show: Show, findings: SiteFindings) => (page: PageRecord) => TESTS[show](page, findings);

const haystacks = new WeakMap<PageRecord, string>();

/** What is searched of a page, folded once: a record is never changed, only replaced. */
function haystack(page: PageRecord): string {
  let text = haystacks.get(page);
  if (text === undefined) {
    text = [page.name, pathOf(page.address), page.title, page.description, page.phrase, page.h1]
      .join("\n")
      .toLowerCase();
    haystacks.set(page, text);
  }
  return text;
}

/** The pages that a filter leaves. */
export function applyFilter(pages: readonly PageRecord[], filter: Filter, findings: SiteFindings): PageRecord[] {
  const test = TESTS[filter.show];
  const wanted = filter.find.trim().toLowerCase();
  const { kind, below, rule, weight } = filter;
  return pages.filter(
    (page) =>
      test(page, findings) &&
      (kind === null || page.kind === kind) &&
      (below === "" || pathOf(page.address).startsWith(below)) &&
      (weight === null || page.counts[weight] > 0 || weighs(findings, page, weight)) &&
      (rule === "" || has(page, rule) || found(findings, page, rule)) &&
      (wanted === "" || haystack(page).includes(wanted)),
  );
}
