import { plural, type Show } from "./show";

export const noDescription: Show = {
  group: "needs",
  called: "without description",
  told: (n) => `${plural(n, "has", "have")} no description`,
  test: (page) => page.description === "",
};
