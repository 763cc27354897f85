import type { Column } from "./column";

export const phrase: Column = {
  id: "phrase",
  header: "Target phrase",
  track: "minmax(160px,1fr)",
  value: (page) => page.phrase,
  edits: "phrase",
};
