import { descriptionOf } from "../../page/page.ts";
import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { charactersOf, descriptionRange } from "../texts.ts";

export const descriptionTooManyCharacters = rule({
  id: "description/too-many-characters",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["metas"],
  fromFacets: true,
  finds: "a description of over 160 characters",
  counted: ["# description is over its number of characters", "# descriptions are over their number of characters"],
  why: "The usual advice is 160 characters. Pixels are what is cut: where the ruler says it fits, it fits.",
  source: commonPractice(),
  settings: { limit: count(160, "Descriptions have at most {limit} characters") },
  check(page, report, { settings }) {
    const characters = charactersOf(descriptionOf(page));
    if (characters <= settings.limit) return;
    report({
      message: `The description has ${characters} characters; ${settings.limit} is the usual advice.`,
      at: { part: "description", range: descriptionRange(page) },
    });
  },
});
