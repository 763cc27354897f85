import { positionOf } from "../../page/page.ts";
import { rule, standard } from "../rule.ts";

export const markupSwallowed = rule({
  id: "markup/swallowed",
  weight: "must",
  formats: ["html"],
  sees: ["swallowing", "source"],
  finds: "an unclosed quotation mark, element or comment that swallows what follows",
  counted: [
    "# page has something unclosed that swallows what follows",
    "# pages have something unclosed that swallows what follows",
  ],
  why: "Everything up to the next closing mark is taken for a part of it and is not shown. Checkers then complain of dozens of things behind it; this is where it began.",
  source: standard("HTML Living Standard 13.2.5 (tokenization)"),
  check(page, report) {
    for (const { what, name, range } of page.swallowing) {
      const { line, column } = positionOf(page.source, range.start);
      const where = `line ${line}, column ${column}`;
      report({
        message:
          what === "comment"
            ? `The comment that begins in ${where} is never closed: all behind it is lost. It ends with -->.`
            : what === "quote"
              ? `A quotation mark is missing behind the attribute ${name} in ${where}: tags behind it are taken for its value.`
              : `The ${name} element that begins in ${where} is never closed: all behind it is taken for its text.`,
        at: { part: "markup", range },
      });
    }
  },
});
