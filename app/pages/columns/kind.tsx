import { PAGE_KINDS } from "#core/page/page-kind";
import type { Column } from "./column";

export const kind: Column = {
  id: "kind",
  header: "Kind",
  track: "minmax(110px,0.7fr)",
  value: (page) => page.kind,
  edits: "kind",
  cell: ({ kind: one, kindBy }) => (
    <>
      {PAGE_KINDS[one].one}
      {kindBy === "guess" && <span className="block text-12 text-ink-soft">guessed</span>}
    </>
  ),
};
