import { contentWords } from "../../page/body.ts";
import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted } from "../texts.ts";

export const bodyFewWords = rule({
  id: "body/few-words",
  weight: "may",
  off: true,
  formats: ["html", "markdown"],
  sees: ["blocks", "language", "headings"],
  finds: "a page with fewer words than the house style asks for",
  counted: [
    "# page has fewer words than the house style asks for",
    "# pages have fewer words than the house style asks for",
  ],
  why: "Many call a page of under 300 words thin. A page that answers its question in fifty is none the worse for it: set the number for each kind of page, or set this aside.",
  source: commonPractice(),
  settings: { least: count(300, "A page has at least {least} words.") },
  check(page, report, { settings }) {
    const words = contentWords(page);
    if (words >= settings.least || page.blocks.length === 0) return;
    report({ message: `The content has ${counted(words, "word")}.`, at: { part: "markup" } });
  },
});
