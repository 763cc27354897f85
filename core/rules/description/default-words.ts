import { descriptionOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { descriptionRange, quote, withoutBrand } from "../texts.ts";

const PHRASES = [
  "my web page",
  "my website",
  "just another website",
  "welcome to our site",
  "welcome to our website",
  "welcome to my site",
  "description",
  "enter a description",
  "page description",
  "lorem ipsum",
];

export const descriptionDefaultWords = rule({
  id: "description/default-words",
  weight: "should",
  sees: ["metas"],
  finds: "a description of words that say nothing",
  why: "Words that a theme put there, or the bare name of a category, give no reason to click.",
  source: commonPractice(),
  settings: { words: { type: "words", default: PHRASES, says: "Descriptions do not begin with these: {words}" } },
  *check(page, { houseStyle, settings }) {
    const text = descriptionOf(page);
    const bare = withoutBrand(text, houseStyle.brand)
      .toLowerCase()
      .replace(/[.!\s]+$/, "");
    const starts = settings.words.some(
      (word) => bare === word || /^[\s,.:]/.test(bare.startsWith(word) ? bare.slice(word.length) : ""),
    );
    const category = bare !== "" && bare.split(/\s+/).length <= 2;
    if (!starts && !category) return;
    yield {
      message: `${quote(text)} says nothing about this page.`,
      at: { part: "description", range: descriptionRange(page) },
    };
  },
});
