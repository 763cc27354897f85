import { rule, standard } from "../rule.ts";
import { listed } from "../texts.ts";
import { openGraphText } from "./open-graph.ts";

const WANTED = { title: "title", description: "description", image: "picture" };

export const openGraphMissing = rule({
  id: "open-graph/missing",
  weight: "may",
  formats: ["html"],
  sees: ["metas"],
  finds: "no Open Graph title, description or picture",
  counted: [
    "# page lacks an Open Graph title, description or picture",
    "# pages lack an Open Graph title, description or picture",
  ],
  why: "Where somebody shares the page, other services show what they find themselves: a menu, or the first picture that comes. Title and description can be those of the search result.",
  source: standard("The Open Graph protocol (ogp.me)"),
  check(page, report) {
    const missing = Object.entries(WANTED).flatMap(([name, words]) =>
      openGraphText(page, name) === "" ? [words] : [],
    );
    if (missing.length === 0) return;
    report({
      message: `There is no Open Graph ${listed(missing)} for when the page is shared.`,
      at: { part: "head", range: null },
    });
  },
});
