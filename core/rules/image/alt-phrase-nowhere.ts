import { commonPractice, rule } from "../rule.ts";
import { phraseIn, quote } from "../texts.ts";

export const imageAltPhraseNowhere = rule({
  id: "image/alt-phrase-nowhere",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["images", "language"],
  finds: "pictures none of whose alternative texts speaks of the target phrase",
  counted: [
    "# page has its target phrase in no alternative text",
    "# pages have their target phrase in no alternative text",
  ],
  why: "On a page about a thing, one picture at least will show it, and its text can say so. Putting the phrase into every text is stuffing.",
  source: commonPractice(),
  check(page, report, { phrase }) {
    if (!phrase) return;
    const told = [...page.images.entries()].filter(
      ([, { alt, landmark }]) => alt?.trim() && (landmark === null || landmark === "main"),
    );
    const [first] = told;
    if (!first || told.some(([, { alt }]) => phraseIn(alt ?? "", phrase, page).length > 0)) return;
    report({
      message: `No alternative text speaks of ${quote(phrase)}.`,
      at: { part: "picture", index: first[0], range: first[1].range },
    });
  },
});
