import { pathOf } from "#core/address/address";
import { isFound } from "#core/findings/found";
import { PAGE_KINDS, type PageKind } from "#core/page/page-kind";
import { WEIGHTS, type Weight } from "#core/settings/setting";
import type { PageRecord } from "../store/page-record";
import type { SiteFindings } from "../store/told-findings";
import { SHOWS, type ShowName, showOf } from "./filters/all";
import { foundAcross } from "./filters/show";

/** Everything that narrows the table down. It stands in the address of the screen. */
export interface Filter {
  show: ShowName | "all";
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
    show: show in SHOWS ? (show as ShowName) : "all",
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

/** The site rule whose groups a filter shows; null where it shows none. */
export const groupedBy = (show: ShowName | "all"): string | null =>
  show === "all" ? null : (showOf(show).groupedBy ?? null);

const weighs = (findings: SiteFindings, page: PageRecord, weight: Weight) =>
  findings.ofPage.get(page.id)?.some(({ on }) => on.weight === weight) ?? false;

/** What its pages are called in the queue. */
export const calledOf = (show: ShowName | "all"): string => (show === "all" ? "in this site" : showOf(show).called);

export const shows =
  (show: ShowName | "all", findings: SiteFindings) =>
  (page: PageRecord): boolean =>
    show === "all" || showOf(show).test(page, findings);

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
  const test = shows(filter.show, findings);
  const across = foundAcross(filter.rule);
  const wanted = filter.find.trim().toLowerCase();
  const { kind, below, rule, weight } = filter;
  return pages.filter(
    (page) =>
      test(page) &&
      (kind === null || page.kind === kind) &&
      (below === "" || pathOf(page.address).startsWith(below)) &&
      (weight === null || page.counts[weight] > 0 || weighs(findings, page, weight)) &&
      (rule === "" || isFound(page.found, rule) || across(page, findings)) &&
      (wanted === "" || haystack(page).includes(wanted)),
  );
}

/** The folders that pages stand in, most first; at most forty. */
export function foldersOf(addresses: readonly string[]): string[] {
  const counts = new Map<string, number>();
  for (const address of addresses) {
    const [path = "/"] = pathOf(address).split(/[?#]/, 1);
    for (let at = path.indexOf("/", 1), n = 0; at > 0 && n < 3; at = path.indexOf("/", at + 1), n++) {
      const folder = path.slice(0, at + 1);
      counts.set(folder, (counts.get(folder) ?? 0) + 1);
    }
  }
  return [...counts]
    .sort((a, b) => b[1] - a[1])
    .slice(0, 40)
    .map(([folder]) => folder)
    .sort();
}
