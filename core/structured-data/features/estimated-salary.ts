import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const estimatedSalary: Feature = {
  id: "estimated-salary",
  shows: "estimated salaries",
  types: ["Occupation", "OccupationAggregationByEmployer"],
  required: [needs("estimatedSalary", "a salary", "estimatedSalary")],
  recommended: [],
  retired: "shown no longer since June 2025 (from memory).",
  source: REMEMBERED,
};
