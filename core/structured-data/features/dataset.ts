import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const dataset: Feature = {
  id: "dataset",
  shows: "entry in the search for data sets",
  types: ["Dataset"],
  required: [needs("name"), needs("description")],
  recommended: [needs("creator"), needs("license"), needs("distribution.contentUrl"), needs("temporalCoverage")],
  source: REMEMBERED,
};
