import { rule, standard } from "../rule.ts";
import { counted } from "../texts.ts";
import { openGraphOf } from "./open-graph.ts";

export const openGraphSeveral = rule({
  id: "open-graph/several",
  weight: "may",
  formats: ["html"],
  sees: ["metas"],
  finds: "an Open Graph title or description that stands twice",
  counted: ["# page has an Open Graph text twice", "# pages have an Open Graph text twice"],
  why: "Usually a theme and an extension each write one, and which of them is shown differs from service to service. Several pictures are allowed.",
  source: standard("The Open Graph protocol (ogp.me)"),
  check(page, report) {
    for (const name of ["title", "description", "url"]) {
      const all = openGraphOf(page, name);
      const second = all[1];
      if (!second) continue;
      report({
        message: `The page has ${counted(all.length, `og:${name} element`)}.`,
        at: { part: "head", range: second.range },
      });
    }
  },
});
