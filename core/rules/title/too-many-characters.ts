import { titleOf } from "../../page/page.ts";
import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { charactersOf, titleRange } from "../texts.ts";

export const titleTooManyCharacters = rule({
  id: "title/too-many-characters",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["titles"],
  fromFacets: true,
  finds: "a title of over 60 characters",
  counted: ["# title is over its number of characters", "# titles are over their number of characters"],
  why: "Sixty characters is the usual advice, and many tolerate 65. Pixels are what is cut: where the ruler says it fits, it fits.",
  source: commonPractice(),
  settings: { limit: count(60, "Titles have at most {limit} characters") },
  check(page, report, { settings }) {
    const characters = charactersOf(titleOf(page));
    if (characters <= settings.limit) return;
    report({
      message: `The title has ${characters} characters; ${settings.limit} is the usual advice.`,
      at: { part: "title", range: titleRange(page) },
    });
  },
});
