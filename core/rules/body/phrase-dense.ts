import { contentWords } from "../../page/body.ts";
import { languageOf } from "../../page/page.ts";
import { wordsOf } from "../../phrase/words.ts";
import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted, phraseInBody, quote } from "../texts.ts";

export const bodyPhraseDense = rule({
  id: "body/phrase-dense",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["blocks", "language"],
  finds: "a target phrase that is said too often",
  counted: ["# page repeats its target phrase too often", "# pages repeat their target phrase too often"],
  why: "Said in every sentence a phrase reads like an advertisement, and search engines have long called it stuffing. No number is sure: five words in a hundred is a common warning.",
  source: commonPractice("density = times said × words in the phrase ÷ words of the body × 100"),
  settings: { percent: count(5, "The target phrase takes at most {percent} of 100 words.") },
  check(page, report, { phrase, settings }) {
    if (!phrase) return;
    const said = phraseInBody(page, phrase).filter(({ match }) => match.kind !== "scattered");
    const times = said.length;
    const words = times < 4 ? 0 : contentWords(page);
    if (words < 50) return;
    const own = wordsOf(phrase, languageOf(page)).length;
    const density = (times * own * 100) / words;
    if (density <= settings.percent) return;
    report({
      message: `${quote(phrase)} is said ${counted(times, "time")} in ${words} words: ${density.toFixed(1)} of 100 words.`,
      at: { part: "block", index: said.at(-1)?.index ?? 0, range: said.at(-1)?.block.range ?? null },
    });
  },
});
