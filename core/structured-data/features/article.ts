import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const article: Feature = {
  id: "article",
  shows: "article with headline, date and picture",
  types: ["Article", "NewsArticle", "BlogPosting"],
  required: [needs("headline")],
  recommended: [
    needs("image"),
    needs("datePublished"),
    needs("dateModified"),
    needs(["author.name", "author"], "an author"),
  ],
  aims: ["headline", "image", "datePublished", "author"],
  source: REMEMBERED,
};
