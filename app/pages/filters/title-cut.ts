import { plural, type Show } from "./show";

export const titleCut: Show = {
  group: "needs",
  called: "whose title is too wide",
  told: (n) => `${plural(n, "title is", "titles are")} too wide`,
  test: (page) => page.titleCut,
};
