import { rule, standard } from "../rule.ts";

export const controlNoName = rule({
  id: "control/no-name",
  weight: "must",
  formats: ["html"],
  sees: ["controls"],
  finds: "a button without a name",
  counted: ["# page has a button without a name", "# pages have a button without a name"],
  why: "A listener hears “button” and cannot know what it does. Buttons with an icon alone need an aria-label or a hidden text.",
  source: standard("WCAG 2.2, 4.1.2; axe-core button-name"),
  check(page, report) {
    for (const { tag, role, name, silent, range } of page.controls) {
      if (name !== "" || silent || (tag !== "button" && tag !== "input" && role !== "button")) continue;
      report({ message: `A button has no name.`, at: { part: "markup", range } });
    }
  },
});
