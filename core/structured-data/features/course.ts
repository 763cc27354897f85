import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const course: Feature = {
  id: "course",
  shows: "list of courses",
  types: ["Course"],
  required: [needs("name"), needs("description")],
  recommended: [needs("provider")],
  source: REMEMBERED,
};
