import type { Column } from "./column";

/** Types of the structured data. */
export const types: Column = {
  id: "types",
  header: "Structured data",
  track: "minmax(200px,2fr)",
  value: (page) => page.types.join(", "),
  cell: (page) => page.types.join(", ") || <span className="text-ink-soft">none</span>,
};
