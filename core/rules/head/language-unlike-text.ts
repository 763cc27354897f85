import { contentBlocks } from "../../page/body.ts";
import { languageOf } from "../../page/page.ts";
import { differsFrom } from "../../phrase/written-language.ts";
import { rule, standard } from "../rule.ts";
import { quote } from "../texts.ts";

/** As much of a text as shows its language, in UTF-16 code units. */
const ENOUGH = 2000;

export const headLanguageUnlikeText = rule({
  id: "head/language-unlike-text",
  weight: "should",
  formats: ["html"],
  sees: ["blocks", "language"],
  finds: "a text that is plainly in another language than the page says",
  counted: ["# page is in another language than it says", "# pages are in another language than they say"],
  why: "A screen reader speaks it in the wrong voice, and search engines may offer it to the wrong people. It is told by script and by the commonest words, and only where that is plain.",
  source: standard("WCAG 2.2, 3.1.1"),
  check(page, report) {
    const declared = languageOf(page);
    if (declared === "") return;
    let text = "";
    for (const { block } of contentBlocks(page)) {
      if (block.tag === "pre") continue;
      text += `${block.text}\n`;
      if (text.length > ENOUGH) break;
    }
    const written = differsFrom(declared, text);
    if (!written) return;
    report({
      message: `The page says that it is in ${quote(declared)}, and its text is ${written}.`,
      at: { part: "head", range: page.language?.range ?? null },
    });
  },
});
