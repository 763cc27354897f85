import * as Comlink from "comlink";
import { auditSite } from "#core/audit/audit-site";
import type { FindingOn, SiteFinding } from "#core/findings/finding";
import type { SetAside } from "#core/findings/set-aside";
import type { HouseStyle } from "#core/settings/house-style";
import { headingPatterns } from "#core/site/heading-patterns";
import { linkGraph } from "#core/site/link-graph";
import type { LinkZone } from "#core/site/links";
import { picturesOfSite } from "#core/site/pictures";
import { db } from "../store/db";
import { sizesOf } from "../store/files";
import { Rows } from "../store/live-rows";
import type { FileRecord } from "../store/records/files";
import type { SetAsideRecord } from "../store/records/set-asides";
import type { SummaryRecord } from "../store/records/summaries";

/** After the last change of a summary the rules wait this long, in milliseconds: a keystroke does not run them. */
const REST = 250;

let stop: (() => void) | null = null;
let watched: Rows<SummaryRecord> | null = null;

/**
 * What the site rules find, told in parts, so that taking one in does not hold up who scrolls: the findings without their
 * places, places by the number of their finding, and at the end what was set aside on the site.
 */
export type SiteAuditPart =
  | { begins: readonly Omit<SiteFinding, "on">[] }
  | { places: readonly (readonly [finding: number, on: readonly FindingOn[]])[] }
  | { ends: readonly SetAside[] };

/** Places that are told at a time. */
const PART = 1500;

function tellAll(
  findings: readonly SiteFinding[],
  setAsides: readonly SetAside[],
  tell: (part: SiteAuditPart) => void,
) {
  tell({ begins: findings.map(({ on: _, ...finding }) => finding) });
  let part: [number, FindingOn[]][] = [];
  let size = 0;
  for (const [i, { on }] of findings.entries())
    for (let from = 0; from < on.length; ) {
      const some = on.slice(from, from + PART - size);
      part.push([i, some]);
      from += some.length;
      size += some.length;
      if (size < PART) continue;
      tell({ places: part });
      [part, size] = [[], 0];
    }
  tell({ places: part });
  tell({ ends: setAsides });
}

/** Runs the site rules over the summaries whenever one changes, and tells what they find. */
function watch(siteId: string, houseStyle: HouseStyle, tell: (part: SiteAuditPart) => void): void {
  stop?.();
  const rows = new Rows<SummaryRecord>(
    () => db().summaries,
    "summaries",
    siteId,
    () => 0,
  );
  const files = new Rows<FileRecord>(
    () => db().files,
    "files",
    siteId,
    () => 0,
  );
  const setAsides = new Rows<SetAsideRecord>(
    () => db().setAsides,
    "setAsides",
    siteId,
    () => 0,
  );
  watched = rows;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const run = () => {
    const every = auditSite(rows.get() ?? [], houseStyle, { pictures: sizesOf(files.get() ?? []) });
    tellAll(every, setAsides.get() ?? [], tell);
  };
  let first = true;
  const changed = () => {
    if (!rows.get()) return;
    clearTimeout(timer);
    timer = setTimeout(run, first ? 0 : REST);
    first = false;
  };
  const ends = [rows.subscribe(changed), files.subscribe(changed), setAsides.subscribe(changed)];
  stop = () => {
    clearTimeout(timer);
    for (const end of ends) end();
  };
}

/** A page that links to another, and with which words. */
export interface LinkedFrom {
  id: string;
  address: string;
  text: string;
  zone: LinkZone;
}

/** Who links to a page of the watched site. */
const linksTo = (pageId: string): LinkedFrom[] =>
  (linkGraph(watched?.get() ?? []).incoming.get(pageId) ?? []).map(
    ({ from: { id, address }, link: { text, zone } }) => ({
      id,
      address,
      text,
      zone,
    }),
  );

/** The patterns of headings of the watched site. */
const patternsOfHeadings = () => headingPatterns(watched?.get() ?? []);

/** The pictures of the watched site, those without alternative text first. */
const pictures = () => picturesOfSite(watched?.get() ?? []);

const api = { watch, linksTo, patternsOfHeadings, pictures };
export type SiteWorker = typeof api;

Comlink.expose(api);
