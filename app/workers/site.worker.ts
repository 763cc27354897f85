import * as Comlink from "comlink";
import { siteAuditor } from "#core/audit/examine-site";
import type { FindingOn, SiteFinding } from "#core/findings/finding";
import type { SetAside } from "#core/findings/set-aside";
import type { HouseStyle } from "#core/settings/house-style";
import type { LinkZone } from "#core/site/facets/links";
import { HEADING_SHAPES } from "#core/site/index/heading-shapes";
import { LINK_GRAPH, wordsOfLink } from "#core/site/index/link-graph";
import { PICTURE_FILES } from "#core/site/index/picture-files";
import { Site } from "#core/site/index/site";
import { db } from "../store/db";
import { FollowedTable, Rows } from "../store/live-rows";
import { sizesOf } from "../store/records/files";

/** After the last change of a page the rules wait this long, in milliseconds: a keystroke does not run them. */
const REST = 250;

/** A finding across pages by the number under which it is told. */
export type NumberedFinding = Omit<SiteFinding, "on"> & { number: number };

/**
 * What has become of what the site rules find, told in parts, so that taking one in does not hold up who scrolls: numbers of
 * findings that are gone, findings without their places, places by the number of their finding, and at the end what was set
 * aside on the site.
 */
export type SiteAuditPart =
  | { gone: readonly number[]; come: readonly NumberedFinding[] }
  | { places: readonly (readonly [number: number, on: readonly FindingOn[]])[] }
  | { setAsides: readonly SetAside[] };

/** Places that are told at a time. */
const PART = 1500;

/** One site that is watched. */
interface Watched {
  site: Site;
  follow: FollowedTable<never>;
  stop(): void;
}

let watched: Watched | null = null;

/** Follows the facets of a site's pages, runs the site rules over what has changed, and tells what they find. */
function watch(siteId: string, houseStyle: HouseStyle, tell: (part: SiteAuditPart) => void): void {
  watched?.stop();
  let site = new Site();
  const audit = siteAuditor(houseStyle);
  const numbers = new Map<SiteFinding, number>();
  let last = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let first = true;

  const run = () => {
    const { gone, come } = audit(site, { pictures: pictureSizes() });
    const left = gone.map((finding) => numbers.get(finding) ?? 0);
    for (const finding of gone) numbers.delete(finding);
    const numbered = come.map(({ on: _, ...finding }, i) => ({ ...finding, number: last + 1 + i }));
    tell({ gone: left, come: numbered });
    let part: [number, FindingOn[]][] = [];
    let size = 0;
    for (const finding of come) {
      numbers.set(finding, ++last);
      for (let from = 0; from < finding.on.length; ) {
        const some = finding.on.slice(from, from + PART - size);
        part.push([last, some]);
        from += some.length;
        size += some.length;
        if (size < PART) continue;
        tell({ places: part });
        [part, size] = [[], 0];
      }
    }
    if (part.length > 0) tell({ places: part });
    tell({ setAsides: setAsides.get() ?? [] });
  };
  const later = () => {
    clearTimeout(timer);
    timer = setTimeout(run, first ? 0 : REST);
  };

  const files = new Rows({ table: () => db().files, name: "files", siteId });
  let sizes: { of: unknown; is: ReturnType<typeof sizesOf> } = { of: null, is: new Map() };
  const pictureSizes = () => {
    const all = files.get();
    if (sizes.of !== all) sizes = { of: all, is: sizesOf(all ?? []) };
    return sizes.is;
  };
  const setAsides = new Rows({ table: () => db().setAsides, name: "setAsides", siteId });
  const follow = new FollowedTable(
    { table: () => db().facets, name: "facets", siteId },
    ({ anew, put, gone }) => {
      if (anew) site = new Site();
      if (watched) watched.site = site;
      for (const page of put) site.put(page);
      for (const id of gone) site.remove(id);
      later();
      first = false;
    },
    true,
  );
  const ends = [files.subscribe(() => !first && later()), setAsides.subscribe(() => !first && later())];
  watched = {
    site,
    follow: follow as unknown as FollowedTable<never>,
    stop() {
      clearTimeout(timer);
      follow.stop();
      for (const end of ends) end();
    },
  };
}

/** While work on many pages lasts nothing is read and no rule is run; then it is caught up with once. */
const rest = (on: boolean) => watched?.follow.rest(on);

/** A page that links to another, and with which words. */
export interface LinkedFrom {
  id: string;
  address: string;
  text: string;
  zone: LinkZone;
}

/** Who links to a page of the watched site. */
const linksTo = (pageId: string): LinkedFrom[] =>
  (watched?.site.index(LINK_GRAPH).incoming(pageId) ?? []).map((link) => {
    const { id, address } = link.from;
    return { id, address, text: wordsOfLink(link), zone: link.zone };
  });

/** The patterns of headings of the watched site. */
const patternsOfHeadings = () => watched?.site.index(HEADING_SHAPES).patterns() ?? [];

/** The pictures of the watched site, those without alternative text first. */
const pictures = () => watched?.site.index(PICTURE_FILES).list() ?? [];

const api = { watch, rest, linksTo, patternsOfHeadings, pictures };
export type SiteWorker = typeof api;

Comlink.expose(api);
