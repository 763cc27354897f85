import { descriptionOf, languageOf, titleOf } from "../../page/page.ts";
import { contentStems } from "../../phrase/content-stems.ts";
import { withoutBrand } from "../../settings/without-brand.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";
import { openGraphOf, openGraphText } from "./open-graph.ts";

export const openGraphUnlikePage = rule({
  id: "open-graph/unlike-page",
  weight: "may",
  formats: ["html"],
  sees: ["metas", "titles", "language"],
  heeds: ["brand"],
  finds: "an Open Graph title or description that shares no word with the page's own",
  counted: [
    "# page has an Open Graph text that shares no word with its own",
    "# pages have an Open Graph text that shares no word with their own",
  ],
  why: "Titles for sharing may be livelier than those for searching. Where not a word is the same it was mostly copied from another page, or the page has moved on.",
  source: commonPractice(),
  check(page, report, { houseStyle: { brand } }) {
    const language = languageOf(page);
    const own = { title: titleOf(page), description: descriptionOf(page) };
    for (const name of ["title", "description"] as const) {
      const shared = openGraphText(page, name);
      if (shared === "") continue;
      const [theirs, ours] = [shared, own[name]].map((text) =>
        contentStems(withoutBrand(text, brand).slice(0, 2000), language),
      );
      if (!theirs?.size || !ours?.size || [...theirs].some((stem) => ours.has(stem))) continue;
      report({
        message: `The og:${name} ${quote(shared, 60)} shares no word with the page's ${name}.`,
        at: { part: "head", range: openGraphOf(page, name)[0]?.range ?? null },
      });
    }
  },
});
