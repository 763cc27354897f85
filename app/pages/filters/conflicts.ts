import { plural, type Show } from "./show";

export const conflicts: Show = {
  group: "needs",
  called: "with changes to decide",
  told: (n) => `${plural(n, "has", "have")} changes to decide`,
  test: (page) => page.conflicts > 0,
};
