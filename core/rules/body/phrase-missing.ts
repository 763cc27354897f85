import { commonPractice, rule } from "../rule.ts";
import { phraseInBody, quote } from "../texts.ts";

export const bodyPhraseMissing = rule({
  id: "body/phrase-missing",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["blocks", "language"],
  finds: "a body without the target phrase",
  counted: ["# page is without its target phrase in the body", "# pages are without their target phrase in the body"],
  why: "The target phrase should stand on its page. Other forms of the words count, and so do the words scattered over a sentence.",
  source: commonPractice(),
  check(page, report, { phrase }) {
    if (!phrase || page.blocks.length === 0) return;
    if (phraseInBody(page, phrase).length > 0) return;
    report({ message: `${quote(phrase)} is not in the body.`, at: { part: "markup" } });
  },
});
