import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const question: Feature = {
  id: "question",
  shows: "answers of many",
  types: ["QAPage"],
  required: [
    needs("mainEntity.name", "the question"),
    needs("mainEntity.answerCount", "how many answers there are"),
    needs(["mainEntity.acceptedAnswer.text", "mainEntity.suggestedAnswer.text"], "an answer"),
  ],
  recommended: [needs("mainEntity.author"), needs("mainEntity.dateCreated"), needs("mainEntity.upvoteCount")],
  source: REMEMBERED,
};
