import { titleOf } from "../../page/page.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted, quote, titleRange } from "../texts.ts";

/** A number that counts things: at the start or before "best", "ways" and their like, not a year, price or measure. */
const COUNTING =
  /(?:^|[\s(|:–—-])(\d{1,3})\s+(?:of\s+the\s+)?(?:\p{L}+\s+)?(best|ways|things|tips|reasons|ideas|steps|facts|places|knots|questions|recipes|examples|mistakes|rules|photos|pictures)\b/iu;

export const titleNumberUnlikePage = rule({
  id: "title/number-unlike-page",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["titles", "headings", "lists"],
  finds: "a number in the title that differs from the number of items on the page",
  counted: [
    "# title has a number that differs from what the page holds",
    "# titles have a number that differs from what the page holds",
  ],
  why: "“17 ways” over a list of 14 disappoints whoever counts. Numbers invite clicks only when they are true.",
  source: commonPractice(),
  check(page, report) {
    const title = titleOf(page).slice(0, 2000);
    const match = COUNTING.exec(title);
    if (!match) return;
    const stated = Number(match[1]);
    const lists = page.lists.filter((list) => list.landmark !== "navigation").map((list) => list.items);
    const levels = new Map<number, number>();
    for (const h of page.headings) if (h.level > 1) levels.set(h.level, (levels.get(h.level) ?? 0) + 1);
    const counts = [...lists, ...levels.values()].filter((n) => n >= 3);
    if (counts.length === 0 || counts.includes(stated)) return;
    const nearest = counts.reduce((a, b) => (Math.abs(b - stated) < Math.abs(a - stated) ? b : a));
    const start = match.index + match[0].indexOf(match[1] ?? "");
    report({
      message: `The title promises ${quote(match[0].trim())}; the nearest list on the page has ${counted(nearest, "item")}.`,
      at: { part: "title", words: { start, end: start + (match[1]?.length ?? 0) }, range: titleRange(page) },
    });
  },
});
