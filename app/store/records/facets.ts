import { packLines } from "#core/site/facets/facet";
import { FACET_DEFAULTS, FACET_NAMES } from "#core/site/facets/facet-names";
import type { PackedFacets, PageFacets } from "#core/site/facets/page-facets";
import { type Old, table } from "./table";

/** What is kept of a page for the sake of the others. */
export interface FacetsRecord extends PageFacets {
  siteId: string;
}

/** Facets of earlier versions as the first that had a file each. */
function packed(record: Old): Old {
  const { headings = [] } = record;
  return {
    ...record,
    headings: Array.isArray(headings) ? packLines(headings as [number, string][], (one) => one) : headings,
  };
}

export const facets = table<FacetsRecord>()({
  name: "facets",
  formerly: "summaries",
  indexes: "id, siteId",
  undo: "follows",
  transacted: true,
  uncompared: true,
  backup: true,
  // A facet that was added since is taken when the page is examined again.
  defaults: FACET_DEFAULTS,
  upgrades: {
    2: (record) => ({ language: "", headings: [], ...record }),
    6: ({ said, ...record }) => ({ ...record, ...(said !== undefined && { beginning: said }) }),
    7: packed,
  },
  optional: ["phrase", "supporting", "also", "redirectedFrom", "kind", "inSitemap"],
  fields: ({ joi, id, text, texts, count, kind }) => {
    // A facet's schema is that of the form it is stored in.
    const schemas = { string: text, number: count, boolean: joi.boolean() };
    const facets = Object.fromEntries(
      FACET_NAMES.map((name) => [name, schemas[typeof FACET_DEFAULTS[name] as keyof typeof schemas]]),
    );
    return {
      id,
      siteId: id,
      address: text,
      phrase: text,
      supporting: texts,
      kind,
      also: text,
      redirectedFrom: texts,
      inSitemap: joi.boolean(),
      ...(facets as Record<keyof PackedFacets, typeof text>),
    };
  },
});
