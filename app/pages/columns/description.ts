import type { Column } from "./column";

export const description: Column = {
  id: "description",
  header: "Description",
  track: "minmax(200px,1.8fr)",
  value: (page) => page.description,
  edits: "description",
  ruler: "description",
};
