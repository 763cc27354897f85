import type { LineUp } from "#core/result/line-up";
import { table } from "./table";

/** The results that a page's stands among, for one phrase. */
export interface LineUpRecord extends LineUp {
  id: string;
  siteId: string;
  pageId: string;
}

/** A page of somebody else, kept apart from the site's own. */
export interface RivalRecord {
  id: string;
  siteId: string;
  address: string;
  /** Its source as it was fetched. */
  source: string;
  at: string;
}

const DAY = /^\d{4}-\d{2}-\d{2}$/;

export const lineUps = table<LineUpRecord>()({
  name: "lineUps",
  since: 11,
  indexes: "id, siteId, pageId",
  undo: "own",
  transacted: true,
  backup: true,
  fields: ({ joi, id, text, count }) => ({
    id,
    siteId: id,
    pageId: id,
    phrase: text,
    place: text,
    seen: joi.string().pattern(DAY),
    others: joi.array().items(joi.object({ title: text, address: text, description: text })),
    places: joi.array().items(joi.object({ at: count.min(1), take: text })),
    shown: joi
      .object({ title: text, description: text, at: count.allow(null), seen: joi.string().pattern(DAY) })
      .allow(null),
  }),
});

export const rivals = table<RivalRecord>()({
  name: "rivals",
  since: 11,
  indexes: "id, siteId, [siteId+address]",
  undo: "follows",
  backup: true,
  fields: ({ joi, id, text }) => ({ id, siteId: id, address: text, source: text, at: joi.string().isoDate() }),
});
