import type { Column } from "./column";

export const title: Column = {
  id: "title",
  header: "Title",
  track: "minmax(200px,1.7fr)",
  value: (page) => page.title,
  edits: "title",
  ruler: "title",
};
