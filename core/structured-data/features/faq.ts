import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const faq: Feature = {
  id: "faq",
  shows: "questions under the result",
  types: ["FAQPage"],
  required: [
    needs("mainEntity", "questions"),
    needs("mainEntity.name", "the words of each question", "mainEntity"),
    needs("mainEntity.acceptedAnswer.text", "an answer to each question", "mainEntity"),
  ],
  recommended: [],
  retired: "since August 2023 shown only for well-known sites of government and health. It does no harm elsewhere.",
  source: REMEMBERED,
};
