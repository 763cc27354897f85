import { languageOf, titleOf } from "../../page/page.ts";
import { toCase } from "../../phrase/letter-case.ts";
import { isStopWord } from "../../phrase/stop-words.ts";
import { wordsOf } from "../../phrase/words.ts";
import { withoutBrand } from "../../settings/without-brand.ts";
import { namesOnPage } from "../../site/names.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote, titleRange } from "../texts.ts";

export const titleCase = rule({
  id: "title/case",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["titles", "language", "blocks", "data", "source", "address", "base", "format"],
  heeds: ["brand", "data", "names"],
  finds: "a title that is not in the house style's case",
  counted: ["# title is not in the house style’s case", "# titles are not in the house style’s case"],
  hasFix: true,
  why: "Titles of one site should look alike. Which case is a matter of taste. What the page, its data and the calendar write with a capital is a name; of words that stand nowhere else it is not known, and nothing is said.",
  source: commonPractice(),
  off: true,
  settings: {
    style: {
      type: "choice",
      default: "sentence",
      choices: ["sentence", "title"],
      label: "Titles are written in {style} case",
    },
  },
  check(page, report, { houseStyle, settings }) {
    const title = titleOf(page);
    const text = withoutBrand(title, houseStyle.brand);
    const language = languageOf(page) || "en";
    const style = settings.style === "title" ? "chicago" : "sentence";
    // Title case is a custom of English.
    if (text === "" || (style === "chicago" && !/^en\b/i.test(language))) return;
    const { text: is, unsure } = toCase(text, style, { language, names: namesOnPage(page, houseStyle) });
    // Hardly all words of a title are names.
    const words = wordsOf(text, language)
      .slice(1)
      .filter((word) => /^\p{L}{2}/u.test(word.text) && !isStopWord(word.text.toLowerCase(), language));
    if (is === text && (unsure.length < 3 || unsure.length <= words.length * 0.6)) return;
    const at = title.indexOf(text);
    const value = title.slice(0, at) + is + title.slice(at + text.length);
    report({
      message: `The title is not in ${settings.style} case, which the house style asks for.`,
      at: { part: "title", range: titleRange(page) },
      ...(is !== text && {
        fix: { label: `In ${settings.style} case: ${quote(value)}`, edits: [{ op: "set-title", value, was: title }] },
      }),
    });
  },
});
