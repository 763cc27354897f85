import type { Show } from "./show";

export const redrafted: Show = {
  group: "done",
  called: "redrafted",
  told: () => "redrafted",
  test: (page) => page.edits > 0,
};
