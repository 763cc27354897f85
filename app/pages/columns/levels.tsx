import type { Column } from "./column";

const LEVELS = ["H1", "H2", "H3", "H4", "H5", "H6"];

/** How many headings there are of each level: “1 H1, 4 H2”. */
export const levels: Column = {
  id: "levels",
  header: "Headings",
  track: "minmax(130px,0.9fr)",
  value: (page) => page.levels.reduce((sum, n) => sum + n, 0),
  descFirst: true,
  cell: (page) =>
    page.levels.flatMap((n, i) => (n > 0 ? [`${n} ${LEVELS[i]}`] : [])).join(", ") || (
      <span className="text-ink-soft">none</span>
    ),
};
