import * as Comlink from "comlink";
import type { HouseStyle } from "#core/rules/house-style";
import type { SiteFinding } from "#core/rules/rule";
import { auditSite } from "#core/site/audit-site";
import { db, type SummaryRecord } from "../store/db";
import { Rows } from "../store/live-rows";

/** After the last change of a summary the rules wait this long, in milliseconds: a keystroke does not run them. */
const REST = 250;

let stop: (() => void) | null = null;

/** Runs the site rules over the summaries whenever one changes, and tells what they find. */
function watch(siteId: string, houseStyle: HouseStyle, tell: (findings: SiteFinding[]) => void): void {
  stop?.();
  const rows = new Rows<SummaryRecord>(
    () => db().summaries,
    "summaries",
    siteId,
    () => 0,
  );
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

const api = { watch };
export type SiteWorker = typeof api;

Comlink.expose(api);
