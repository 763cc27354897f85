import { hostOf, linkTarget } from "../../address/link-target.ts";
import { eachLink, type LinkZone, ZONE_ORDER } from "../facets/links.ts";
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
  /** Ids of the pages to which no other page links, in no order. */
  withoutIncoming(): Iterable<string>;
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
  host: string;
  to: string;
  /** Who links to it: four times the number of the page, and the number of the link's zone. */
  from: number[];
  /** The pages whose address it is, in the order of their ids: it does not matter in which they came. */
  names: readonly { why: Why; id: string }[];
}

const NOBODY: Target["names"] = [];

const byId = (a: { id: string }, b: { id: string }) => (a.id < b.id ? -1 : 1);

const HOME = /^https?:\/\/[^/]+\/(?:index\.\w+)?$/i;

/** The page whose address it is; not the one that it redirects to. */
const named = ({ names }: Target) =>
  (names.find(({ why }) => why === "own") ?? names.find(({ why }) => why === "also"))?.id;
const redirectedTo = ({ names }: Target) => names.find(({ why }) => why === "redirected")?.id;
const leadsTo = (target: Target) => named(target) ?? redirectedTo(target);

const sameNames = (a: PageFacets, b: PageFacets) =>
  a.address === b.address &&
  a.also === b.also &&
  (a.redirectedFrom ?? []).join("\n") === (b.redirectedFrom ?? []).join("\n");

/** Pages by numbers, which a link is stored with. */
function pageNumbers() {
  const numbers = new Map<string, number>();
  const ids: string[] = [];
  return {
    of(id: string): number {
      const known = numbers.get(id) ?? ids.push(id) - 1;
      numbers.set(id, known);
      return known;
    },
    id: (number: number) => ids[number] ?? "",
  };
}

export const LINK_GRAPH: IndexMaker<LinkGraph> = (pages) => {
  /** By host, then by what is within it: a key of both would be made anew for each link. */
  const hosts = new Map<string, Map<string, Target>>();
  const numbers = pageNumbers();
  /** The targets that name a page, by its id. */
  const naming = new Map<string, Target[]>();
  const homes = new Set<string>();
  /** Targets that are linked to and are no page's own address. */
  const strays = new Set<Target>();
  /** Ids of pages to which nobody links, but for those that have to be looked at again. */
  const alone = new Set<string>();
  const unsure = new Set<string>();
  let linked = 0;

  const targetOf = (host: string, to: string): Target => {
    let within = hosts.get(host);
    if (!within) {
      within = new Map();
      hosts.set(host, within);
    }
    let target = within.get(to);
    if (!target) {
      target = { host, to, from: [], names: NOBODY };
      within.set(to, target);
    }
    return target;
  };
  /** Takes in that others link to a target, or that others are named by it. */
  const settle = (target: Target) => {
    const { host, to, from, names } = target;
    for (const { id } of names) unsure.add(id);
    if (from.length > 0 && named(target) === undefined) strays.add(target);
    else strays.delete(target);
    if (from.length === 0 && names.length === 0) hosts.get(host)?.delete(to);
  };
  const link = (target: Target, from: number) => {
    const before = target.from.push(from) - 1;
    if (before === 0) linked++;
    // Where two pages link to it already, another one changes nothing for anybody.
    if (before < 2) settle(target);
  };
  const unlink = (target: Target, from: number) => {
    const at = target.from.indexOf(from);
    if (at < 0) return;
    target.from.splice(at, 1);
    if (target.from.length === 0) linked--;
    if (target.from.length < 2) settle(target);
  };
  const addNames = (page: PageFacets) => {
    const { id, address, also = "", redirectedFrom = [] } = page;
    const host = hostOf(address);
    const targets: Target[] = [];
    const name = (why: Why, at: string, on = host) => {
      const to = linkTarget(at, on);
      if (to === null) return;
      const target = targetOf(on, to);
      target.names = [...target.names, { why, id }].sort(byId);
      targets.push(target);
      settle(target);
    };
    name("own", address);
    if (also !== "") name("also", also);
    for (const at of redirectedFrom) name("redirected", at, hostOf(at));
    naming.set(id, targets);
    if (HOME.test(address)) homes.add(id);
    unsure.add(id);
  };
  const removeNames = ({ id }: PageFacets) => {
    for (const target of naming.get(id) ?? []) {
      target.names = target.names.filter((one) => one.id !== id);
      settle(target);
    }
    naming.delete(id);
    homes.delete(id);
    unsure.add(id);
  };
  /** Takes in the links of a page: only those that were not there before, or are there no more. */
  const changeLinks = (was: PageFacets | null, is: PageFacets | null) => {
    const before = was ? hostOf(was.address) : "";
    const after = is ? hostOf(is.address) : "";
    if (before === after && was?.links === is?.links) return;
    const own = numbers.of((is ?? was)?.id ?? "") * 4;
    const gone = new Map<string, number>();
    if (was && before !== "") eachLink(was.links, (to, zone) => gone.set(to, zone));
    if (is && after !== "")
      eachLink(is.links, (to, zone) => {
        if (before === after && gone.get(to) === zone) gone.delete(to);
        else link(targetOf(after, to), own + zone);
      });
    for (const [to, zone] of gone) unlink(targetOf(before, to), own + zone);
  };
  const placeOf = ({ from }: Target, id: string) => {
    const number = numbers.of(id);
    return from.findIndex((one) => one >> 2 === number);
  };
  const linksTo = ({ to, from }: Target, except: string | undefined): Incoming[] =>
    Array.from(from, (one) => ({ id: numbers.id(one >> 2), zone: ZONE_ORDER[one & 3] ?? "content" }))
      .sort(byId)
      .flatMap(({ id, zone }) => {
        const page = id === except ? undefined : pages.get(id);
        return page ? [{ from: page, to, zone }] : [];
      });
  const targetsNaming = (id: string) => new Set((naming.get(id) ?? []).filter((target) => leadsTo(target) === id));
  const hasIncoming = (id: string) => {
    for (const target of naming.get(id) ?? []) {
      // Of two one is another page's.
      const fromOthers = target.from.length > 1 || (target.from.length === 1 && placeOf(target, id) < 0);
      if (fromOthers && leadsTo(target) === id) return true;
    }
    return false;
  };

  return {
    sees: ["address", "also", "redirectedFrom", "links"],
    change(was, is) {
      const renamed = !was || !is || !sameNames(was, is);
      if (was && renamed) removeNames(was);
      changeLinks(was, is);
      if (is && renamed) addNames(is);
    },
    incoming: (id) => [...targetsNaming(id)].flatMap((target) => linksTo(target, id)),
    withoutIncoming() {
      for (const id of unsure) {
        if (pages.has(id) && !hasIncoming(id)) alone.add(id);
        else alone.delete(id);
      }
      unsure.clear();
      return alone;
    },
    *astray() {
      for (const target of strays) {
        const redirectsTo = pages.get(redirectedTo(target) ?? "") ?? null;
        const itself = redirectsTo !== null && placeOf(target, redirectsTo.id) >= 0;
        if (itself && target.from.length === 1) continue;
        yield { to: target.to, links: () => linksTo(target, redirectsTo?.id), redirectsTo };
      }
    },
    pageAt: (key) => {
      const slash = key.indexOf("/");
      const target = hosts.get(key.slice(0, slash))?.get(key.slice(slash));
      return pages.get((target && named(target)) ?? "") ?? null;
    },
    targets: () => linked,
    home: () => pages.get([...homes].sort()[0] ?? "") ?? null,
  };
};
