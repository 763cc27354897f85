import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const specialAnnouncement: Feature = {
  id: "special-announcement",
  shows: "special announcement",
  types: ["SpecialAnnouncement"],
  required: [needs("name"), needs("datePosted")],
  recommended: [],
  retired: "shown no longer since June 2025 (from memory).",
  source: REMEMBERED,
};
