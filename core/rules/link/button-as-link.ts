import { type Page, titleOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

/** How links to the top of the page are called. */
const UPWARDS =
  /\b(?:top|up|oben|hochgehen|haut|arriba|inicio|topo|inizio|su|boven|upp|op|opp|ylös|вверх|наверх|yukarı|sus)\b|^[↑▲⌃^]+$/iu;

function namesThisPage(page: Page, name: string): boolean {
  const own = name.toLowerCase();
  if (own.length < 3) return false;
  return (
    titleOf(page).toLowerCase().includes(own) || page.headings.some(({ text }) => text.toLowerCase().startsWith(own))
  );
}

export const linkButtonAsLink = rule({
  id: "link/button-as-link",
  weight: "may",
  sees: ["controls", "titles", "headings"],
  finds: "a link that goes nowhere and acts as a button",
  why: "Links go to places, buttons do things. A link to “#” or “javascript:” is announced as a link, opens an empty tab, and does nothing without its script.",
  source: commonPractice("WCAG 2.2, 4.1.2, says that a role must fit"),
  *check(page) {
    for (const { tag, role, href, name, onclick, range } of page.controls) {
      // "#" leads to the top of the page; in the way to a page its own name stands for itself.
      if (onclick === null && (UPWARDS.test(name) || namesThisPage(page, name))) continue;
      if (tag !== "a" || href === null || !/^\s*(?:javascript:|#\s*$)/i.test(href) || role === "button") continue;
      yield {
        message: `${name ? quote(name, 40) : "A link without words"} is a link to ${href.trim() ? quote(href, 30) : "nothing"}: it should be a button.`,
        at: { part: "markup", range },
      };
    }
  },
});
