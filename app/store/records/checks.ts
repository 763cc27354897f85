import type { Validity } from "#core/exchange/validity";
import { table } from "./table";

/** What a check of a page's HTML found. */
export interface CheckRecord {
  /** The page's id. */
  id: string;
  siteId: string;
  /** Names the source that was checked: its original, and what the redraft changes. */
  of: string;
  messages: Validity[];
  /** Messages beyond those that are kept. */
  more: number;
  /** Why it could not be checked; "" where it was. */
  fault: string;
}

/** No part of a backup: checks can be made again. */
export const checks = table<CheckRecord>()({
  name: "checks",
  indexes: "id, siteId",
  undo: "follows",
  backup: false,
  fields: ({ joi, id, text, count }) => ({
    id,
    siteId: id,
    of: text,
    messages: joi.array(),
    more: count,
    fault: text,
  }),
});
