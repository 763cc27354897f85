import { titleOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { namesPlace, titleRange } from "../texts.ts";

export const titlePlaceMissing = rule({
  id: "title/place-missing",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["titles", "language"],
  fromFacets: true,
  finds: "a title without the place that the page is for",
  counted: [
    "# title is without the place that its page is for",
    "# titles are without the place that their pages are for",
  ],
  why: "Who searches for something near a place looks for its name, and results for other places stand beside this one. Only pages that are said to be for a place are looked at.",
  source: commonPractice(),
  check(page, report, { audience }) {
    const title = titleOf(page);
    if (audience?.of !== "place" || title === "" || namesPlace(title, audience.name, page)) return;
    report({
      message: `The page is for ${audience.name}, and its title does not say so.`,
      at: { part: "title", range: titleRange(page) },
    });
  },
});
