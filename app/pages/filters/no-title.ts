import { plural, type Show } from "./show";

export const noTitle: Show = {
  group: "needs",
  called: "without title",
  told: (n) => `${plural(n, "has", "have")} no title`,
  test: (page) => page.title === "",
};
