import type { PerformanceRow } from "#core/performance/performance";
import { table } from "./table";

/** A period of which it is kept what a search engine measured. */
export interface PeriodRecord {
  id: string;
  siteId: string;
  /** First and last day, YYYY-MM-DD. */
  from: string;
  to: string;
  /** The file that its figures came in. */
  file: string;
}

/** The figures of a period, by its id. They are apart, so that all periods can be listed at once. */
export interface FiguresRecord {
  id: string;
  siteId: string;
  rows: PerformanceRow[];
}

const DAY = /^\d{4}-\d{2}-\d{2}$/;

export const periods = table<PeriodRecord>()({
  name: "periods",
  since: 10,
  indexes: "id, siteId",
  undo: "follows",
  backup: true,
  fields: ({ joi, id, text }) => ({
    id,
    siteId: id,
    from: joi.string().pattern(DAY),
    to: joi.string().pattern(DAY),
    file: text,
  }),
});

export const figures = table<FiguresRecord>()({
  name: "figures",
  since: 10,
  indexes: "id, siteId",
  undo: "follows",
  backup: true,
  fields: ({ joi, id, text, count }) => ({
    id,
    siteId: id,
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
