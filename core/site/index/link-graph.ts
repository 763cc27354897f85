import { hostOf, linkTarget } from "../../address/link-target.ts";
import type { LinkZone } from "../facets/links.ts";
import { facetOf, type PageFacets } from "../facets/page-facets.ts";
import type { Index, IndexMaker } from "./site.ts";

/** A link of one page of the site to an address of it. */
export interface Incoming {
  from: PageFacets;
  /** Path and query, as `linkTarget` compares addresses. */
  to: string;
  zone: LinkZone;
}

/** Links to an address that is no page's own. */
export interface Astray {
  /** Path and query. */
  to: string;
  links(): Incoming[];
  /** Where the address redirects to a page of the site. */
  redirectsTo: PageFacets | null;
}

/** Who links to whom. Links of a page to itself are left out. */
export interface LinkGraph extends Index {
  /** Links to a page, also by way of addresses that redirect to it. */
  incoming(id: string): Incoming[];
  hasIncoming(id: string): boolean;
  /** Links within the host to addresses that are no page of the site, or that redirect to one. */
  astray(): Iterable<Astray>;
  /** The page at an address, as links name it: host and target. */
  pageAt(hostAndTarget: string): PageFacets | null;
  /** Different addresses within the host that are linked to. */
  targets(): number;
  /** The start page, where it is here. */
  home(): PageFacets | null;
}

/** The words of a link. */
export const wordsOfLink = ({ from, to }: Incoming): string =>
  facetOf(from, "links").find((link) => link.to === to)?.text ?? "";

/** Why an address is a page's: it is its own, that of its file, or redirects to it. */
type Why = "own" | "also" | "redirected";

/** An address within a host. */
interface Target {
  key: string;
  to: string;
  /** Ids of the pages that link to it, with the zone of the link. */
  from: Map<string, LinkZone>;
  /** The pages whose address it is, in the order of their ids: it does not matter in which they came. */
  names: readonly { why: Why; id: string }[];
}

const NOBODY: Target["names"] = [];

const byId = ([a]: [string, unknown], [b]: [string, unknown]) => (a < b ? -1 : 1);

const HOME = /^https?:\/\/[^/]+\/(?:index\.\w+)?$/i;

/** The page whose address it is; not the one that it redirects to. */
const named = ({ names }: Target) =>
  (names.find(({ why }) => why === "own") ?? names.find(({ why }) => why === "also"))?.id;
const redirectedTo = ({ names }: Target) => names.find(({ why }) => why === "redirected")?.id;
const leadsTo = (target: Target) => named(target) ?? redirectedTo(target);

export const LINK_GRAPH: IndexMaker<LinkGraph> = (pages) => {
  const byKey = new Map<string, Target>();
  /** The targets that name a page, by its id. */
  const naming = new Map<string, Target[]>();
  const homes = new Set<string>();
  let linked = 0;

  const targetOf = (host: string, to: string): Target => {
    const key = host + to;
    let target = byKey.get(key);
    if (!target) {
      target = { key, to, from: new Map(), names: NOBODY };
      byKey.set(key, target);
    }
    return target;
  };
  const forget = ({ key, from, names }: Target) => {
    if (from.size === 0 && names.length === 0) byKey.delete(key);
  };
  const namesOf = ({ address, also = "", redirectedFrom = [] }: PageFacets): { why: Why; target: Target }[] => {
    const host = hostOf(address);
    const by = (why: Why, at: string, on = host) => {
      const to = linkTarget(at, on);
      return to === null ? [] : [{ why, target: targetOf(on, to) }];
    };
    return [
      ...by("own", address),
      ...(also === "" ? [] : by("also", also)),
      ...redirectedFrom.flatMap((at) => by("redirected", at, hostOf(at))),
    ];
  };
  const linksTo = ({ to, from }: Target, except: string | undefined): Incoming[] =>
    [...from].sort(byId).flatMap(([id, zone]) => {
      const page = id === except ? undefined : pages.get(id);
      return page ? [{ from: page, to, zone }] : [];
    });
  const targetsNaming = (id: string) => new Set((naming.get(id) ?? []).filter((target) => leadsTo(target) === id));

  return {
    sees: ["address", "also", "redirectedFrom", "links"],
    change(was, is) {
      if (was) {
        for (const target of naming.get(was.id) ?? []) {
          target.names = target.names.filter(({ id }) => id !== was.id);
          forget(target);
        }
        naming.delete(was.id);
        homes.delete(was.id);
        const host = hostOf(was.address);
        for (const { to } of host === "" ? [] : facetOf(was, "links")) {
          const target = targetOf(host, to);
          if (target.from.delete(was.id) && target.from.size === 0) linked--;
          forget(target);
        }
      }
      if (!is) return;
      const names = namesOf(is);
      for (const { why, target } of names)
        target.names = [...target.names, { why, id: is.id }].sort((a, b) => (a.id < b.id ? -1 : 1));
      naming.set(
        is.id,
        names.map(({ target }) => target),
      );
      if (HOME.test(is.address)) homes.add(is.id);
      const host = hostOf(is.address);
      for (const { to, zone } of host === "" ? [] : facetOf(is, "links")) {
        const { from } = targetOf(host, to);
        if (from.size === 0) linked++;
        from.set(is.id, zone);
      }
    },
    incoming: (id) => [...targetsNaming(id)].flatMap((target) => linksTo(target, id)),
    hasIncoming(id) {
      for (const target of naming.get(id) ?? [])
        if (target.from.size > (target.from.has(id) ? 1 : 0) && leadsTo(target) === id) return true;
      return false;
    },
    *astray() {
      for (const target of byKey.values()) {
        if (target.from.size === 0 || named(target) !== undefined) continue;
        const redirectsTo = pages.get(redirectedTo(target) ?? "") ?? null;
        const itself = redirectsTo !== null && target.from.has(redirectsTo.id);
        if (itself && target.from.size === 1) continue;
        yield { to: target.to, links: () => linksTo(target, redirectsTo?.id), redirectsTo };
      }
    },
    pageAt: (key) => {
      const target = byKey.get(key);
      return pages.get((target && named(target)) ?? "") ?? null;
    },
    targets: () => linked,
    home: () => pages.get([...homes].sort()[0] ?? "") ?? null,
  };
};
