import type { RuleTally } from "#core/findings/tally";
import { table } from "./table";

/** Pages below one folder of a site. */
export interface FolderOverview {
  /** Beginning of their paths. */
  path: string;
  pages: number;
  must: number;
}

/** What a site needs and what was done, added up: shown at once when the site is opened, then made anew of its pages. */
export interface Overview {
  pages: number;
  totals: { must: number; should: number; may: number };
  rules: readonly RuleTally[];
  folders: readonly FolderOverview[];
  pictures: number;
  withoutAlt: number;
  /** Pages with structured data. */
  withData: number;
  redrafted: number;
  ready: number;
  /** Changes that the site has taken over. */
  settled: number;
  /** Pages with changes to decide, and pages that are gone from the site. */
  conflicts: number;
  gone: number;
}

export interface OverviewRecord extends Overview {
  /** The site's id. */
  id: string;
  siteId: string;
}

export const overviews = table<OverviewRecord>()({
  name: "overviews",
  since: 8,
  indexes: "id, siteId",
  undo: "follows",
  backup: false,
  fields: ({ joi, id, count }) => ({
    id,
    siteId: id,
    pages: count,
    totals: joi.object({ must: count, should: count, may: count }),
    rules: joi.array().items(joi.object().unknown()),
    folders: joi.array().items(joi.object().unknown()),
    pictures: count,
    withoutAlt: count,
    withData: count,
    redrafted: count,
    ready: count,
    settled: count,
    conflicts: count,
    gone: count,
  }),
});
