import { plain } from "../../structured-data/agreement.ts";
import { textOfValue, valuesOf } from "../../structured-data/graph.ts";
import { isKindOf } from "../../structured-data/vocabulary.ts";
import { guidance } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataQuestionTwice = dataRule({
  id: "data/question-twice",
  weight: "should",
  finds: "the same question twice in one list of questions",
  counted: ["# page has structured data with a question twice", "# pages have structured data with a question twice"],
  why: "Two answers to one question contradict each other sooner or later. A question that several pages answer belongs into one of them.",
  source: guidance("search engines' documentation of frequent questions"),
  check(data, report) {
    for (const entity of data.entities) {
      if (!entity.types.some((type) => isKindOf(type, "FAQPage"))) continue;
      const seen = new Set<string>();
      for (const value of valuesOf(entity, "mainEntity")) {
        if (value.kind !== "entity") continue;
        const [name] = valuesOf(value.entity, "name");
        const question = textOfValue(name);
        const asked = plain(question);
        if (name && asked !== "" && seen.has(asked))
          report({ message: `The question ${quote(question, 60)} stands twice.`, at: placeOf(data, name.place) });
        seen.add(asked);
      }
    }
  },
});
