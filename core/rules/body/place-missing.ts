import { contentBlocks } from "../../page/body.ts";
import { commonPractice, rule } from "../rule.ts";
import { namesPlace } from "../texts.ts";

export const bodyPlaceMissing = rule({
  id: "body/place-missing",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["blocks", "language"],
  finds: "a body without the place that the page is for",
  counted: ["# page does not name the place that it is for", "# pages do not name the place that they are for"],
  why: "A page for a place is believed when it speaks of the place. Only pages that are said to be for a place are looked at.",
  source: commonPractice(),
  check(page, report, { audience }) {
    if (audience?.of !== "place" || page.blocks.length === 0) return;
    if (contentBlocks(page).some(({ block }) => namesPlace(block.text, audience.name, page))) return;
    report({ message: `The page is for ${audience.name}, and its text does not say so.`, at: { part: "markup" } });
  },
});
