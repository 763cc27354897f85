import { plural, type Show } from "./show";

export const again: Show = {
  group: "done",
  called: "to be handed over again",
  told: (n) => `${plural(n, "is", "are")} to be handed over again`,
  test: (page) => page.again,
};
