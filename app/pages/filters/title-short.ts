import { isFound } from "#core/findings/found";
import { plural, type Show } from "./show";

export const titleShort: Show = {
  group: "needs",
  called: "whose title is too short",
  told: (n) => `${plural(n, "title is", "titles are")} too short`,
  test: (page) => isFound(page.found, "title/too-narrow"),
};
