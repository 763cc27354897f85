import { rule, standard } from "../rule.ts";
import { quote } from "../texts.ts";

export const frameNoTitle = rule({
  id: "frame/no-title",
  weight: "must",
  formats: ["html"],
  sees: ["frames"],
  finds: "a frame without a name",
  counted: ["# page has a frame without a name", "# pages have a frame without a name"],
  why: "A listener hears “frame”, or an address, and must go in to learn what it is: a map, a film, an advertisement.",
  source: standard("WCAG 2.2, 4.1.2; technique H64; axe-core frame-title"),
  check(page, report) {
    for (const { name, src, silent, range } of page.frames) {
      if (silent || name !== "") continue;
      report({
        message: `The frame ${src ? `that shows ${quote(src, 60)}` : "without an address"} has no title.`,
        at: { part: "markup", range },
      });
    }
  },
});
