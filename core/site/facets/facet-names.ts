/** Everything that is kept of a page for the sake of the others; each is a file of its own beside this one. */
export const FACET_NAMES = [
  "title",
  "description",
  "keywords",
  "language",
  "headings",
  "links",
  "fragments",
  "alternates",
  "ids",
  "pictures",
  "shapes",
  "beginning",
  "words",
  "stems",
  "noindex",
] as const;

export type FacetName = (typeof FACET_NAMES)[number];
