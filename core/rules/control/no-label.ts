import { rule, standard } from "../rule.ts";
import { quote } from "../texts.ts";

const NAMES: Record<string, string> = { select: "A list to choose from", textarea: "A field for longer text" };

export const controlNoLabel = rule({
  id: "control/no-label",
  weight: "must",
  formats: ["html"],
  sees: ["fields"],
  finds: "a field of a form without a label",
  counted: ["# page has a form field without a label", "# pages have a form field without a label"],
  why: "A listener hears “edit text” and cannot know what belongs there. A label element that names the field's id can be pressed too. A placeholder alone vanishes with the first letter.",
  source: standard("WCAG 2.2, 1.3.1 and 4.1.2; axe-core label"),
  check(page, report) {
    for (const { tag, type, name, placeholder, silent, range } of page.fields) {
      if (silent || name !== "") continue;
      const what = NAMES[tag] ?? `An input${type && type !== "text" ? ` of type ${type}` : ""}`;
      // A placeholder is read out as a name where there is no other (HTML-AAM), so that it is not without one.
      const named = placeholder !== "";
      report({
        message: named
          ? `${what} has the placeholder ${quote(placeholder, 40)} and no label.`
          : `${what} has no label.`,
        at: { part: "markup", range },
        ...(named && { weight: "should" as const }),
      });
    }
  },
});
