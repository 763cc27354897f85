import { plural, type Show } from "./show";

export const descriptionCut: Show = {
  group: "needs",
  called: "whose description is too wide",
  told: (n) => `${plural(n, "description is", "descriptions are")} too wide`,
  test: (page) => page.descriptionCut,
};
