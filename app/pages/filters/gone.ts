import { plural, type Show } from "./show";

export const gone: Show = {
  group: "needs",
  called: "gone from the site",
  told: (n) => `${plural(n, "is", "are")} gone from the site`,
  test: (page) => page.goneSince !== null,
};
