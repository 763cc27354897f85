import { nameOf, textOf, valuesOf } from "../../structured-data/graph.ts";
import { entitiesOf } from "../../structured-data/page-data.ts";
import { featureStates, type PartReader } from "./part.ts";

/** Questions that stand under one result. */
const MOST = 3;

/** Questions under the result: shown for few sites since August 2023; of a question with many answers, how many there are. */
export const questions: PartReader = ({ data }) => {
  const part = (shown: string[], why: string, needs: string[] = [], tried: string[] | null = null) => ({
    id: "questions" as const,
    label: "Questions",
    shown,
    why,
    needs,
    tried,
  });
  const [many] = featureStates(data, "question");
  if (many && many.missing.length === 0) {
    const [asked] = valuesOf(many.entity, "mainEntity").flatMap((value) => [...entitiesOf(data, value)]);
    const answers = asked ? Number(textOf(asked, "answerCount")) : 0;
    if (answers > 0)
      return part([answers === 1 ? "1 answer" : `${answers} answers`], "It states a question with answers of many.");
  }
  const [state] = featureStates(data, "faq");
  if (!state)
    return part([], "The page states no questions. They are shown for well-known sites of government and health only.");
  const asked = valuesOf(state.entity, "mainEntity")
    .flatMap((value) => entitiesOf(data, value).map(nameOf))
    .filter(Boolean)
    .slice(0, MOST);
  if (state.missing.length > 0)
    return part(
      [],
      "Its questions lack something.",
      state.missing.map(({ label }) => label),
      asked.length > 0 ? asked : null,
    );
  return part(
    [],
    "It states its questions, but since August 2023 they are shown for well-known sites of government and health only.",
    [],
    asked,
  );
};
