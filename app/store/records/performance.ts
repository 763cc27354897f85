import type { PerformanceRow } from "#core/performance/performance";
import { table } from "./table";

/** What was measured of a site's results in one period. */
export interface PerformanceRecord {
  id: string;
  siteId: string;
  /** First and last day, YYYY-MM-DD. */
  from: string;
  to: string;
  /** The file that it came in. */
  file: string;
  rows: PerformanceRow[];
}

const DAY = /^\d{4}-\d{2}-\d{2}$/;

export const performance = table<PerformanceRecord>()({
  name: "performance",
  since: 10,
  indexes: "id, siteId",
  undo: "follows",
  backup: true,
  fields: ({ joi, id, text, count }) => ({
    id,
    siteId: id,
    from: joi.string().pattern(DAY),
    to: joi.string().pattern(DAY),
    file: text,
    rows: joi.array().items(
      joi.object({
        address: text,
        phrase: text,
        clicks: count,
        impressions: count,
        position: joi.number().min(0).allow(null),
      }),
    ),
  }),
});
