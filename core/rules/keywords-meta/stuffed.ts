import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted } from "../texts.ts";
import { keptTerms, termsOf } from "./kept-terms.ts";

export const keywordsMetaStuffed = rule({
  id: "keywords-meta/stuffed",
  weight: "should",
  formats: ["html"],
  sees: ["metas", "titles", "blocks", "language"],
  finds: "over 20 terms in the meta keywords",
  counted: ["# page has over twenty meta keywords", "# pages have over twenty meta keywords"],
  hasFix: true,
  why: "A long list helps nowhere, and where keywords are read at all it counts against the page.",
  source: commonPractice(),
  settings: { limit: count(20, "Meta keywords hold at most {limit} terms") },
  check(page, report, { settings, phrase, supporting = [] }) {
    for (const meta of page.metas) {
      if (meta.name !== "keywords") continue;
      const terms = (meta.content ?? "").split(/[,;]/).filter((term) => term.trim() !== "").length;
      if (terms > settings.limit)
        report({
          message: `The meta keywords hold ${counted(terms, "term")}.`,
          at: { part: "head", range: meta.range },
          fix() {
            const wanted = [...(phrase ? [phrase] : []), ...supporting];
            const kept = keptTerms(page, termsOf(meta.content ?? ""), wanted, settings.limit);
            return {
              label:
                kept.length > 0
                  ? `Keep ${counted(kept.length, "term")} that the page says`
                  : "Take the meta keywords out: the page says none of them",
              edits: [{ op: "set-keywords", value: kept.join(", "), was: meta.content }],
            };
          },
        });
    }
  },
});
