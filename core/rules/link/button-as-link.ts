import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

/** How links to the top of the page are called. */
const UPWARDS =
  /\b(?:top|up|oben|hochgehen|haut|arriba|inicio|topo|inizio|su|boven|upp|op|opp|ylös|вверх|наверх|yukarı|sus)\b|^[↑▲⌃^]+$/iu;

export const linkButtonAsLink = rule({
  id: "link/button-as-link",
  weight: "may",
  sees: ["controls"],
  finds: "a link that goes nowhere and acts as a button",
  why: "Links go to places, buttons do things. A link to “#” or “javascript:” is announced as a link, opens an empty tab, and does nothing without its script.",
  source: commonPractice("WCAG 2.2, 4.1.2, says that a role must fit"),
  *check(page) {
    for (const { tag, role, href, name, range } of page.controls) {
      // An empty address leads to the page itself, and "#" to its top.
      if (UPWARDS.test(name)) continue;
      if (tag !== "a" || href === null || !/^\s*(?:javascript:|#\s*$)/i.test(href) || role === "button") continue;
      yield {
        message: `${name ? quote(name, 40) : "A link without words"} is a link to ${href.trim() ? quote(href, 30) : "nothing"}: it should be a button.`,
        at: { part: "markup", range },
      };
    }
  },
});
