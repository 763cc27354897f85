import { plural, type Show } from "./show";

export const untouched: Show = {
  group: "done",
  called: "not yet redrafted",
  told: (n) => `${plural(n, "is", "are")} not yet redrafted`,
  test: (page) => page.edits === 0,
};
