import { table } from "./table";

/** A wording of a page's title and description that stands beside the one in the redraft. */
export interface TakeRecord {
  id: string;
  siteId: string;
  pageId: string;
  /** “A”, “B”…, by which it is called in line-ups and proofs. */
  letter: string;
  title: string;
  description: string;
  /** Why, in the editor's words. */
  reason: string;
  at: string;
  /** Until when an earlier wording was in use; null for one that is still to choose from. */
  usedUntil: string | null;
}

export const takes = table<TakeRecord>()({
  name: "takes",
  since: 11,
  indexes: "id, siteId, pageId",
  undo: "own",
  transacted: true,
  backup: true,
  fields: ({ joi, id, text }) => ({
    id,
    siteId: id,
    pageId: id,
    letter: joi.string().max(3),
    title: text,
    description: text,
    reason: text,
    at: joi.string().isoDate(),
    usedUntil: joi.string().isoDate().allow(null),
  }),
});
