import { leftoverIn } from "#core/rules/leftover";
import { plural, type Show } from "./show";

export const leftover: Show = {
  group: "needs",
  called: "with leftover template text",
  told: (n) => `${plural(n, "shows", "show")} leftover template text`,
  test: (page) => leftoverIn(page.title) !== null || leftoverIn(page.description) !== null,
};
