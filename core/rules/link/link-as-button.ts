import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

const GOES =
  /(?:window|document|top|self|parent)?\.?location(?:\.href)?\s*=|location\.(?:assign|replace)\s*\(|window\.open\s*\(/;

export const linkLinkAsButton = rule({
  id: "link/link-as-button",
  weight: "should",
  formats: ["html", "markdown"],
  sees: ["controls"],
  finds: "an element that goes to another page without being a link",
  counted: [
    "# page has an element that goes elsewhere without being a link",
    "# pages have an element that goes elsewhere without being a link",
  ],
  why: "Search engines follow links, not scripts. Nor can it be opened in another tab or reached by everybody's keyboard.",
  source: commonPractice(),
  check(page, report) {
    for (const { tag, onclick, href, name, range } of page.controls) {
      if (
        onclick === null ||
        !GOES.test(onclick) ||
        (tag === "a" && href !== null && !/^\s*(?:javascript:|#|$)/i.test(href))
      )
        continue;
      report({
        message: `${name ? quote(name, 40) : `A ${tag} element`} goes to another page by a script: it should be a link.`,
        at: { part: "markup", range },
      });
    }
  },
});
