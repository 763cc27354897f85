import { type Page, titleOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

/** How links to the top of the page are called. */
const UPWARDS =
  /(?<!\p{L})(?:top|up|oben|hochgehen|seitenanfang|haut|remonter|arriba|subir|inicio|topo|inizio|su|alto|boven|upp|toppen|op|opp|ylös|alkuun|вверх|наверх|вгору|нагору|догори|нагоре|yukarı|başa|sus|góry|górę|nahoru|hore|vrh|fel|tetejére|elejére|brig|πάνω|κορυφή|αρχή|למעלה|أعلى|ऊपर|atas|đầu trang)(?!\p{L})|トップ|上へ|先頭|顶部|頂部|맨 ?위|위로|ด้านบน|ขึ้นบน|^[↑▲⌃^]+$/iu;

/** Tells whether a name is how the page itself is called. */
function namesThisPage(page: Page): (name: string) => boolean {
  const title = titleOf(page).toLowerCase();
  // In order, so that the texts that begin with a name stand where it would stand.
  const headings = Array.from(page.headings, ({ text }) => text.toLowerCase()).sort();
  return (name) => {
    const own = name.toLowerCase();
    if (own.length < 3) return false;
    if (title.includes(own)) return true;
    let [low, high] = [0, headings.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((headings[middle] ?? "") < own) low = middle + 1;
      else high = middle;
    }
    return headings[low]?.startsWith(own) ?? false;
  };
}

export const linkButtonAsLink = rule({
  id: "link/button-as-link",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["controls", "titles", "headings"],
  finds: "a link that goes nowhere and acts as a button",
  counted: ["# page has a link that goes nowhere", "# pages have a link that goes nowhere"],
  why: "Links go to places, buttons do things. A link to “#” or “javascript:” is announced as a link, opens an empty tab, and does nothing without its script.",
  source: commonPractice("WCAG 2.2, 4.1.2, says that a role must fit"),
  check(page, report) {
    if (page.controls.length === 0) return;
    const isThisPage = namesThisPage(page);
    for (const { tag, role, href, name, onclick, range } of page.controls) {
      // "#" leads to the top of the page; in the way to a page its own name stands for itself.
      if (onclick === null && (UPWARDS.test(name) || isThisPage(name))) continue;
      if (tag !== "a" || href === null || !/^\s*(?:javascript:|#\s*$)/i.test(href) || role === "button") continue;
      report({
        message: `${name ? quote(name, 40) : "A link without words"} is a link to ${href.trim() ? quote(href, 30) : "nothing"}: it should be a button.`,
        at: { part: "markup", range },
      });
    }
  },
});
