import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const learningVideo: Feature = {
  id: "learning-video",
  shows: "parts of a learning video",
  types: ["LearningResource"],
  required: [needs("learningResourceType", "its kind", "learningResourceType")],
  recommended: [],
  aims: ["contentUrl", "embedUrl", "uploadDate"],
  retired: "shown no longer since June 2025 (from memory). The picture of a video still is.",
  source: REMEMBERED,
};
