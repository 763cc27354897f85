import { plural, type Show } from "./show";

export const noPhrase: Show = {
  group: "needs",
  called: "without phrase",
  told: (n) => `${plural(n, "has", "have")} no phrase`,
  test: (page) => page.phrase === "",
};
