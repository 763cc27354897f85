import type { Column } from "./column";

export const h1: Column = {
  id: "h1",
  header: "H1",
  track: "minmax(180px,1.5fr)",
  value: (page) => page.h1,
  edits: "h1",
};
