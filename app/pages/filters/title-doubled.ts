import { foundAcross, type Show } from "./show";

export const titleDoubled: Show = {
  group: "needs",
  called: "with a doubled title",
  told: () => "share a title",
  test: foundAcross("title/duplicate"),
  groupedBy: "title/duplicate",
};
