import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted } from "../texts.ts";

export const keywordsMetaStuffed = rule({
  id: "keywords-meta/stuffed",
  weight: "should",
  formats: ["html"],
  sees: ["metas"],
  finds: "over 20 terms in the meta keywords",
  counted: ["# page has over twenty meta keywords", "# pages have over twenty meta keywords"],
  why: "A long list helps nowhere, and where keywords are read at all it counts against the page.",
  source: commonPractice(),
  settings: { limit: count(20, "Meta keywords hold at most {limit} terms") },
  *check(page, { settings }) {
    for (const meta of page.metas) {
      if (meta.name !== "keywords") continue;
      const terms = (meta.content ?? "").split(/[,;]/).filter((term) => term.trim() !== "").length;
      if (terms > settings.limit)
        yield { message: `The meta keywords hold ${counted(terms, "term")}.`, at: { part: "head", range: meta.range } };
    }
  },
});
