import { titleOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { titleRange } from "../texts.ts";

const YEAR = /(?<!\d)(?:19|20)\d{2}(?!\d)/g;

export const titleStaleYear = rule({
  id: "title/stale-year",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["titles"],
  fromFacets: true,
  finds: "a year that has passed",
  counted: ["# title names a year that has passed", "# titles name a year that has passed"],
  hasFix: true,
  why: "A past year makes a page look abandoned. Pages about that year, such as reports and histories, can be set aside.",
  source: commonPractice(),
  settings: {
    back: {
      type: "number",
      default: 15,
      min: 1,
      max: 200,
      label: "Years up to {back} years back count as stale, older ones as history",
    },
  },
  *changesOn(page, { back }) {
    for (const [year] of titleOf(page).matchAll(YEAR))
      for (const turn of [Number(year) + 1, Number(year) + back + 1]) yield `${turn}-01-01`;
  },
  check(page, report, { today, settings }) {
    const title = titleOf(page);
    const now = Number(today.slice(0, 4));
    for (const match of title.matchAll(YEAR)) {
      const year = Number(match[0]);
      if (year >= now || year < now - settings.back) continue;
      const value = title.replace(match[0], String(now));
      report({
        message: `${year} has passed.`,
        at: { part: "title", words: { start: match.index, end: match.index + 4 }, range: titleRange(page) },
        fix: { label: `Say ${now}`, edits: [{ op: "set-title", value, was: title }] },
      });
      return;
    }
  },
});
