import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const courseInformation: Feature = {
  id: "course-information",
  shows: "course with dates and price",
  types: ["Course"],
  required: [needs("hasCourseInstance.courseMode", "how it is held", "hasCourseInstance")],
  recommended: [],
  retired: "shown no longer since June 2025 (from memory). The list of courses still is.",
  source: REMEMBERED,
};
