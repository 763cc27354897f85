import { rule, standard } from "../rule.ts";
import { quote } from "../texts.ts";

const RIGHT_TO_LEFT = /[\p{Script=Arabic}\p{Script=Hebrew}\p{Script=Syriac}\p{Script=Thaana}\p{Script=Nko}]/gu;
const LETTERS = /\p{L}/gu;
/** The Unicode blocks that hold those scripts: most texts have nothing of them, and are not counted. */
const MAY_BE_RIGHT_TO_LEFT = /[\u0590-\u08ff\ufb1d-\ufdff\ufe70-\ufeff\ud802\ud803\ud83a\ud83b]/;

/** Whether a text is written from right to left for the most part. */
export function isRightToLeft(text: string): boolean {
  if (!MAY_BE_RIGHT_TO_LEFT.test(text)) return false;
  const right = text.match(RIGHT_TO_LEFT)?.length ?? 0;
  return right >= 3 && right * 2 >= (text.match(LETTERS)?.length ?? 0);
}

export const bodyDirectionMissing = rule({
  id: "body/direction-missing",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["blocks"],
  finds: "a text written from right to left without saying so",
  counted: ["# page has right-to-left text without a direction", "# pages have right-to-left text without a direction"],
  why: "Without dir the text is set from the left: full stops, brackets and numbers stand on the wrong side, and lists are the wrong way round.",
  source: standard("HTML Living Standard 3.2.6.4 (the dir attribute)"),
  check(page, report) {
    for (const [index, { text, direction, range }] of page.blocks.entries()) {
      if (direction !== null || !isRightToLeft(text)) continue;
      report({
        message: `${quote(text, 40)} is written from right to left, and nothing around it says dir="rtl".`,
        at: { part: "block", index: index, range },
      });
      // One is enough: mostly the whole page lacks it.
      return;
    }
  },
});
