import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const siteSearchBox: Feature = {
  id: "site-search-box",
  shows: "search box under the result",
  types: ["WebSite"],
  required: [needs("potentialAction.target", "an address to search at", "potentialAction")],
  recommended: [],
  retired: "shown no longer since November 2024 (from memory).",
  source: REMEMBERED,
};
