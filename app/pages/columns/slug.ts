import type { Column } from "./column";

export const slug: Column = {
  id: "slug",
  header: "Slug",
  track: "minmax(90px,0.8fr)",
  value: (page) => page.slug,
  edits: "slug",
  mono: true,
};
