import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { charactersOf, counted } from "../texts.ts";

/** UTF-16 code units of a heading that are counted: headings that are never closed hold each other, and all that follows. */
const COUNTED = 2000;

export const headingTooLong = rule({
  id: "heading/too-long",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["headings"],
  finds: "a heading of over 70 characters",
  counted: ["# page has a heading that is too long", "# pages have a heading that is too long"],
  why: "A heading is scanned, not read. A long one is often a sentence that was set as a heading.",
  source: commonPractice(),
  settings: { limit: count(70, "Headings have at most {limit} characters") },
  check(page, report, { settings }) {
    for (const [index, heading] of page.headings.entries()) {
      const characters = charactersOf(heading.text.slice(0, COUNTED));
      if (characters <= settings.limit && heading.text.length <= COUNTED) continue;
      report({
        message: `The heading has ${heading.text.length > COUNTED ? "over " : ""}${counted(characters, "character")}.`,
        at: { part: "heading", index: index, range: heading.range },
      });
    }
  },
});
