import * as Comlink from "comlink";
import { headingPatterns } from "#core/outline/heading-patterns";
import type { HouseStyle } from "#core/rules/house-style";
import type { SiteFinding } from "#core/rules/rule";
import { auditSite } from "#core/site/audit-site";
import { linkGraph } from "#core/site/link-graph";
import type { LinkZone } from "#core/site/links";
import { db, type SummaryRecord } from "../store/db";
import { Rows } from "../store/live-rows";

/** After the last change of a summary the rules wait this long, in milliseconds: a keystroke does not run them. */
const REST = 250;

let stop: (() => void) | null = null;
let watched: Rows<SummaryRecord> | null = null;

/** Runs the site rules over the summaries whenever one changes, and tells what they find. */
function watch(siteId: string, houseStyle: HouseStyle, tell: (findings: SiteFinding[]) => void): void {
  stop?.();
  const rows = new Rows<SummaryRecord>(
    () => db().summaries,
    "summaries",
    siteId,
    () => 0,
  );
  watched = rows;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const run = () => tell(auditSite(rows.get() ?? [], houseStyle));
  let first = true;
  const end = rows.subscribe(() => {
    clearTimeout(timer);
    timer = setTimeout(run, first ? 0 : REST);
    first = false;
  });
  stop = () => {
    clearTimeout(timer);
    end();
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

const api = { watch, linksTo, patternsOfHeadings };
export type SiteWorker = typeof api;

Comlink.expose(api);
