import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const video: Feature = {
  id: "video",
  shows: "picture of a video",
  types: ["VideoObject"],
  required: [needs("name"), needs("thumbnailUrl"), needs("uploadDate")],
  recommended: [needs("description"), needs("duration"), needs(["contentUrl", "embedUrl"], "its address")],
  source: REMEMBERED,
};
