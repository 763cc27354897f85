import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const discussion: Feature = {
  id: "discussion",
  shows: "posts of a discussion",
  types: ["DiscussionForumPosting"],
  required: [
    needs(["author.name", "author"], "an author"),
    needs("datePublished"),
    needs(["text", "image", "video"], "a text, picture or video"),
  ],
  recommended: [needs("headline"), needs("comment"), needs("interactionStatistic")],
  source: REMEMBERED,
};
