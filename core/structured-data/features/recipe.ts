import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const recipe: Feature = {
  id: "recipe",
  shows: "picture and cooking time",
  types: ["Recipe"],
  required: [needs("name"), needs("image")],
  recommended: [
    needs("recipeIngredient"),
    needs("recipeInstructions"),
    needs(["totalTime", "cookTime"], "cooking time"),
    needs("recipeYield"),
    needs(["author.name", "author"], "an author"),
    needs("nutrition.calories", "calories"),
    needs("recipeCategory"),
    needs("recipeCuisine"),
    needs("video"),
    needs("keywords"),
  ],
  source: REMEMBERED,
};
