import { table } from "./table";

/** A finding that is left as it is, for a reason: here, on a page, or a rule on the whole site. */
export interface SetAsideRecord {
  id: string;
  siteId: string;
  scope: "place" | "page" | "site";
  rule: string;
  pageId: string | null;
  /** The finding's key, for one place. */
  key: string | null;
  reason: string;
}

export const setAsides = table<SetAsideRecord>()({
  name: "setAsides",
  indexes: "id, siteId",
  undo: "own",
  backup: true,
  fields: ({ joi, id, text }) => ({
    id,
    siteId: id,
    scope: joi.string().valid("place", "page", "site"),
    rule: joi.string(),
    pageId: joi.string().allow(null),
    key: joi.string().allow(null),
    reason: text,
  }),
});
