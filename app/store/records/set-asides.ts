import type { SetAside } from "#core/findings/set-aside";
import { table } from "./table";

export interface SetAsideRecord extends SetAside {
  id: string;
  siteId: string;
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
