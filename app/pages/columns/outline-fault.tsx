import type { Column } from "./column";

/** The first thing that is wrong with the outline. */
export const outlineFault: Column = {
  id: "outlineFault",
  header: "First fault",
  track: "minmax(180px,1.5fr)",
  value: (page) => page.outlineFault,
  cell: (page) => <span className="line-clamp-3">{page.outlineFault}</span>,
};
