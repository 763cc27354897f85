import { table } from "./table";

/** What fetching told of a page. Undo does not touch it, not even where it takes the page away and brings it back. */
export interface LearntRecord {
  /** The page's id. */
  id: string;
  siteId: string;
  /** A sitemap names it. */
  inSitemap: boolean;
  /** Addresses that redirect to it, as far as they were fetched. */
  redirectedFrom: string[];
}

export const learnt = table<LearntRecord>()({
  name: "learnt",
  indexes: "id, siteId",
  undo: "follows",
  transacted: true,
  backup: true,
  fields: ({ joi, id, texts }) => ({ id, siteId: id, inSitemap: joi.boolean(), redirectedFrom: texts }),
});
