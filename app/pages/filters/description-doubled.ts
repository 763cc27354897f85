import { foundAcross, type Show } from "./show";

export const descriptionDoubled: Show = {
  group: "needs",
  called: "with a doubled description",
  told: () => "share a description",
  test: foundAcross("description/duplicate"),
  groupedBy: "description/duplicate",
};
