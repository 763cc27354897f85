import type { Show } from "./show";

export const ready: Show = {
  group: "done",
  called: "ready",
  told: () => "ready",
  test: (page) => page.ready,
};
