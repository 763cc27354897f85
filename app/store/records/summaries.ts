import type { PageSummary } from "#core/site/page-summary";
import { table } from "./table";

/** What rules across pages see of a page. */
export interface SummaryRecord extends PageSummary {
  siteId: string;
}

export const summaries = table<SummaryRecord>()({
  name: "summaries",
  indexes: "id, siteId",
  undo: "follows",
  transacted: true,
  backup: true,
  upgrades: {
    2: (record) => ({ language: "", headings: [], ...record }),
    6: ({ said, ...record }) => ({ ...record, ...(said !== undefined && { beginning: said }) }),
  },
  optional: [
    "phrase",
    "links",
    "shapes",
    "also",
    "redirectedFrom",
    "fragments",
    "alternates",
    "ids",
    "pictures",
    "beginning",
    "words",
    "kind",
    "noindex",
    "inSitemap",
  ],
  fields: ({ joi, id, text, texts, count, kind }) => ({
    id,
    siteId: id,
    address: text,
    title: text,
    description: text,
    keywords: text,
    language: text,
    headings: joi.array().items(joi.array().ordered(count, text)),
    phrase: text,
    links: text,
    shapes: text,
    also: text,
    redirectedFrom: texts,
    fragments: text,
    alternates: text,
    ids: text,
    pictures: text,
    beginning: text,
    words: count,
    kind,
    noindex: joi.boolean(),
    inSitemap: joi.boolean(),
  }),
});
