import { hostOf, linkTarget, type SummaryLink, unpackLinks } from "./links.ts";
import type { PageSummary } from "./page-summary.ts";

export interface Incoming {
  from: PageSummary;
  link: SummaryLink;
}

/** Who links to whom, by the pages' summaries. */
export interface LinkGraph {
  /** Links to each page, by the page's id. Links of a page to itself are left out. */
  incoming: ReadonlyMap<string, readonly Incoming[]>;
  /** Links within the host to addresses that are no page of the site, by target. */
  unknown: ReadonlyMap<string, readonly Incoming[]>;
  /** Links to addresses that redirect to a page of the site, by target. */
  redirected: ReadonlyMap<string, readonly (Incoming & { to: PageSummary })[]>;
  /** Pages by host and target, as links name them. */
  pages: ReadonlyMap<string, PageSummary>;
  /** Different targets within the host. */
  targets: number;
  home: PageSummary | null;
}

const graphs = new WeakMap<readonly PageSummary[], LinkGraph>();

/** The link graph of a site; made once for the same list of pages. */
export function linkGraph(pages: readonly PageSummary[]): LinkGraph {
  let graph = graphs.get(pages);
  if (!graph) {
    graph = makeGraph(pages);
    graphs.set(pages, graph);
  }
  return graph;
}

function makeGraph(pages: readonly PageSummary[]): LinkGraph {
  const byTarget = new Map<string, PageSummary>();
  const keys = new Map<PageSummary, string>();
  for (const page of pages) {
    const host = hostOf(page.address);
    const target = linkTarget(page.address, host);
    if (target === null) continue;
    byTarget.set(host + target, page);
    keys.set(page, host);
    const also = page.also && linkTarget(page.also, host);
    if (also && !byTarget.has(host + also)) byTarget.set(host + also, page);
  }
  const moved = new Map<string, PageSummary>();
  for (const page of pages) {
    for (const address of page.redirectedFrom ?? []) {
      const host = hostOf(address);
      const target = linkTarget(address, host);
      if (target !== null && !byTarget.has(host + target)) moved.set(host + target, page);
    }
  }
  const redirected = new Map<string, (Incoming & { to: PageSummary })[]>();
  const incoming = new Map<string, Incoming[]>();
  const unknown = new Map<string, Incoming[]>();
  const targets = new Set<string>();
  const add = (map: Map<string, Incoming[]>, key: string, one: Incoming) => {
    const list = map.get(key);
    if (list) list.push(one);
    else map.set(key, [one]);
  };
  for (const from of pages) {
    const host = keys.get(from);
    if (host === undefined) continue;
    for (const link of unpackLinks(from.links ?? "")) {
      const key = host + link.to;
      targets.add(key);
      const end = moved.get(key);
      const to = byTarget.get(key) ?? end;
      if (to === from) continue;
      if (end) {
        const list = redirected.get(key);
        if (list) list.push({ from, link, to: end });
        else redirected.set(key, [{ from, link, to: end }]);
      }
      if (to) add(incoming, to.id, { from, link });
      else add(unknown, key, { from, link });
    }
  }
  const home = pages.find((page) => /^https?:\/\/[^/]+\/(?:index\.\w+)?$/i.test(page.address)) ?? null;
  return { incoming, unknown, redirected, pages: byTarget, targets: targets.size, home };
}
