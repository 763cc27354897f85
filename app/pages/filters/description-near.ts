import { foundAcross, type Show } from "./show";

export const descriptionNear: Show = {
  group: "needs",
  called: "with a nearly doubled description",
  told: () => "nearly share a description",
  test: foundAcross("description/near-duplicate"),
  groupedBy: "description/near-duplicate",
};
