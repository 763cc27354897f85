/**
 * Everything that is kept of a page for the sake of the others, with what a record has that was written before the facet was
 * known; each is a file of its own beside this one.
 */
export const FACET_DEFAULTS = {
  title: "",
  description: "",
  keywords: "",
  language: "",
  canonical: "",
  headings: "",
  links: "",
  fragments: "",
  alternates: "",
  ids: "",
  pictures: "",
  shapes: "",
  beginning: "",
  words: 0,
  stems: "",
  noindex: false,
} satisfies Record<string, string | number | boolean>;

export type FacetName = keyof typeof FACET_DEFAULTS;

export const FACET_NAMES = Object.keys(FACET_DEFAULTS) as FacetName[];
