import { isFound } from "#core/findings/found";
import { plural, type Show } from "./show";

export const descriptionShort: Show = {
  group: "needs",
  called: "whose description is too short",
  told: (n) => `${plural(n, "description is", "descriptions are")} too short`,
  test: (page) => isFound(page.found, "description/too-narrow"),
};
