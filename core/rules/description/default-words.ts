import { descriptionOf } from "../../page/page.ts";
import { DEFAULT_DESCRIPTIONS, LONGEST } from "../../phrase/default-words.ts";
import { withoutBrand } from "../../settings/without-brand.ts";
import { commonPractice, rule } from "../rule.ts";
import { charactersOf, descriptionRange, quote } from "../texts.ts";

/** As many words as the name of a category has; characters where words are written without spaces. */
const isCategory = (text: string) =>
  /[\u0e00-\u0eff\u1780-\u17ff\u3040-\u30ff\u3400-\u9fff]/.test(text)
    ? charactersOf(text) <= 8
    : text.split(/\s+/).length <= 2;

/** What follows words that a description may begin with, where it goes on: behind several, behind one alone. */
const BEHIND_SEVERAL = /^[\s,.:、。：]/;
const BEHIND_ONE = /^[,.:、。：]/;

export const descriptionDefaultWords = rule({
  id: "description/default-words",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["metas"],
  fromFacets: true,
  heeds: ["brand"],
  finds: "a description of words that say nothing",
  counted: ["# description is made of words that say nothing", "# descriptions are made of words that say nothing"],
  why: "Words that a theme put there, or the bare name of a category, give no reason to click.",
  source: commonPractice(),
  settings: {
    words: { type: "words", default: DEFAULT_DESCRIPTIONS, label: "Descriptions do not begin with these: {words}" },
  },
  check(page, report, { houseStyle, settings }) {
    const text = descriptionOf(page);
    const bare = withoutBrand(text.slice(0, LONGEST), houseStyle.brand)
      .toLowerCase()
      .replace(/[.!。！\s]+$/, "");
    // A word alone may begin a sentence: “Description of a lamp” says something, “Description: lamp” does not.
    const starts = settings.words.some(
      (word) =>
        bare.startsWith(word) &&
        (bare.length === word.length ||
          (word.includes(" ") ? BEHIND_SEVERAL : BEHIND_ONE).test(bare.slice(word.length))),
    );
    const category = bare !== "" && isCategory(bare);
    if (!starts && !category) return;
    report({
      message: `${quote(text)} says nothing about this page.`,
      at: { part: "description", range: descriptionRange(page) },
    });
  },
});
