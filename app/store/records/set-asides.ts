import type { SetAside } from "#core/findings/set-aside";
import { table } from "./table";

const nodeKey = (kind: string, name: string, nth = "1") => ` @ ${kind} ${nth} ${name.slice(0, 160)}`;

export interface SetAsideRecord extends SetAside {
  id: string;
  siteId: string;
}

export const setAsides = table<SetAsideRecord>()({
  name: "setAsides",
  indexes: "id, siteId",
  undo: "own",
  transacted: true,
  backup: true,
  upgrades: {
    // A key says which of those it is that have one text.
    6: ({ key, ...record }) => ({
      ...record,
      key:
        typeof key === "string"
          ? key.replace(/ @ (block|picture|link) (.*?)(?: #(\d+))?$/s, (_, kind, name, nth) => nodeKey(kind, name, nth))
          : key,
    }),
  },
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
