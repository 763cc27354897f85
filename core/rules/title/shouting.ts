import { titleOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote, titleRange } from "../texts.ts";

/** A word in capitals of five letters or more is seldom an abbreviation; two shorter ones in a row are neither. */
const SHOUTED = /\p{Lu}[\p{Lu}’'-]{4,}|(?<![\p{L}\p{N}])\p{Lu}{2,4}(?:\s+\p{Lu}{2,}){2,}/u;

export const titleShouting = rule({
  id: "title/shouting",
  weight: "may",
  sees: ["titles"],
  finds: "words in capitals that are no abbreviations, and exclamation marks",
  why: "Capitals and exclamation marks read as an advertisement of the wrong kind. Names that are written in capitals can be set aside.",
  source: commonPractice(),
  *check(page) {
    const title = titleOf(page).slice(0, 2000);
    const capitals = SHOUTED.exec(title);
    const mark = title.indexOf("!");
    if (capitals) {
      const words = { start: capitals.index, end: capitals.index + capitals[0].length };
      yield {
        message: `${quote(capitals[0])} is written in capitals.`,
        at: { part: "title", words, range: titleRange(page) },
      };
    } else if (mark >= 0) {
      yield {
        message: "The title has an exclamation mark.",
        at: { part: "title", words: { start: mark, end: mark + 1 }, range: titleRange(page) },
      };
    }
  },
});
