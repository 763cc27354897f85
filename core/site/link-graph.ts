import type { PageSummary } from "../rules/rule.ts";
import { hostOf, linkTarget, type SummaryLink, unpackLinks } from "./links.ts";

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
  /** Different targets within the host. */
  targets: number;
  home: PageSummary | null;
}

const known = new WeakMap<readonly PageSummary[], LinkGraph>();

/** The link graph of a site; made once for the same list of pages. */
export function linkGraph(pages: readonly PageSummary[]): LinkGraph {
  let graph = known.get(pages);
  if (!graph) {
    graph = makeGraph(pages);
    known.set(pages, graph);
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
      const to = byTarget.get(key);
      if (to === from) continue;
      if (to) add(incoming, to.id, { from, link });
      else add(unknown, key, { from, link });
    }
  }
  const home = pages.find((page) => /^https?:\/\/[^/]+\/(?:index\.\w+)?$/i.test(page.address)) ?? null;
  return { incoming, unknown, targets: targets.size, home };
}
