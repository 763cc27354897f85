import { table } from "./table";

/** An address of the site that is to lead to another page: whoever runs the site sets it up. */
export interface RedirectRecord {
  id: string;
  siteId: string;
  from: string;
  to: string;
}

export const redirects = table<RedirectRecord>()({
  name: "redirects",
  since: 10,
  indexes: "id, siteId",
  undo: "own",
  transacted: true,
  backup: true,
  fields: ({ id, text }) => ({ id, siteId: id, from: text, to: text }),
});
