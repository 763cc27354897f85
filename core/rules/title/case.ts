import { languageOf, titleOf } from "../../page/page.ts";
import { isStopWord } from "../../phrase/stop-words.ts";
import { commonPractice, rule } from "../rule.ts";
import { titleRange, withoutBrand } from "../texts.ts";

export const titleCase = rule({
  id: "title/case",
  weight: "may",
  sees: ["titles", "language"],
  finds: "a title that is not in the house style's case",
  why: "Titles of one site should look alike. Which case is a matter of taste; proper names make sentence case hard to check, so only most of the words decide.",
  source: commonPractice(),
  off: true,
  settings: {
    style: {
      type: "choice",
      default: "sentence",
      choices: ["sentence", "title"],
      says: "Titles are written in {style} case",
    },
  },
  *check(page, { houseStyle, settings }) {
    const text = withoutBrand(titleOf(page), houseStyle.brand);
    const words = text
      .split(/[\s|–—-]+/)
      .filter((word) => /^\p{L}{2,}/u.test(word))
      .slice(1);
    const language = languageOf(page);
    const content = words.filter((word) => !isStopWord(word.toLowerCase(), language) && !/\p{Lu}.*\p{Lu}/u.test(word));
    if (content.length < 3) return;
    const capitals = content.filter((word) => /^\p{Lu}/u.test(word)).length;
    const isTitleCase = capitals > content.length * 0.6;
    if (isTitleCase === (settings.style === "title") || (settings.style === "title" && capitals === content.length))
      return;
    const is = isTitleCase ? "title" : "sentence";
    yield {
      message: `The title is in ${is} case; the house style asks for ${settings.style} case.`,
      at: { part: "title", range: titleRange(page) },
    };
  },
});
