import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const howTo: Feature = {
  id: "how-to",
  shows: "steps under the result",
  types: ["HowTo"],
  required: [needs("name"), needs("step", "steps")],
  recommended: [needs("totalTime"), needs("supply"), needs("tool"), needs("image")],
  retired: "retired in September 2023; shown no longer.",
  source: REMEMBERED,
};
