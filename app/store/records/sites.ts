import type { HouseStyle } from "#core/settings/house-style";
import { table } from "./table";

/** A filter of the table that the editor has named and kept: the query of the screen's address. */
export interface KeptFilter {
  name: string;
  query: string;
}

export interface SiteRecord {
  id: string;
  name: string;
  /** Base of addresses, for pages that state none. */
  address: string;
  houseStyle: HouseStyle;
  broughtInAt: string;
  /** When it was removed: it can be put back until it is forgotten, a day later. */
  removedAt?: string;
  filters?: KeptFilter[];
  /** House styles that pages were audited by, newest first, with the stamps that name them: what has changed since is known. */
  audited?: AuditedBy[];
}

export interface AuditedBy {
  stamp: string;
  houseStyle: HouseStyle;
}

export const sites = table<SiteRecord>()({
  name: "sites",
  indexes: "id",
  undo: "own",
  transacted: true,
  backup: true,
  optional: ["filters", "audited", "removedAt"],
  passing: ["audited"],
  fields: ({ joi, id, text, houseStyle }) => ({
    id,
    name: text,
    address: text,
    houseStyle,
    broughtInAt: joi.string().isoDate(),
    removedAt: joi.string().isoDate(),
    filters: joi.array().items(joi.object({ name: text, query: text })),
    audited: joi.array().items(joi.object({ stamp: text, houseStyle })),
  }),
});
