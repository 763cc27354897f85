import { plural, type Show } from "./show";

export const patterned: Show = {
  group: "done",
  called: "with a text from a pattern",
  told: (n) => `${plural(n, "follows", "follow")} a pattern`,
  test: (page) => page.patterned.length > 0,
};
