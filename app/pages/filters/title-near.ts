import { foundAcross, type Show } from "./show";

export const titleNear: Show = {
  group: "needs",
  called: "with a nearly doubled title",
  told: () => "nearly share a title",
  test: foundAcross("title/near-duplicate"),
  groupedBy: "title/near-duplicate",
};
