import { contentHeadings } from "../../page/body.ts";
import { languageOf, titleOf } from "../../page/page.ts";
import { contentStems } from "../../phrase/content-stems.ts";
import { withoutBrand } from "../../settings/without-brand.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote, titleRange } from "../texts.ts";

export const headingH1UnlikeTitle = rule({
  id: "heading/h1-unlike-title",
  weight: "may",
  formats: ["html", "markdown"],
  sees: ["headings", "titles", "language"],
  heeds: ["brand"],
  finds: "an H1 and a title that share no word",
  counted: [
    "# page has an H1 that shares no word with its title",
    "# pages have an H1 that shares no word with their title",
  ],
  why: "Whoever clicks a title and lands under an H1 that says something else wonders whether it is the right page. They need not be the same.",
  source: commonPractice(),
  check(page, report, { houseStyle }) {
    const h1 = contentHeadings(page).find(({ heading }) => heading.level === 1 && heading.text !== "");
    const title = withoutBrand(titleOf(page), houseStyle.brand).slice(0, 2000);
    if (!h1 || title === "") return;
    const language = languageOf(page);
    const inTitle = contentStems(title, language);
    const inH1 = contentStems(h1.heading.text, language);
    if (inTitle.size === 0 || inH1.size === 0 || [...inH1].some((stem) => inTitle.has(stem))) return;
    report({
      message: `The H1 ${quote(h1.heading.text, 40)} shares no word with the title ${quote(title, 40)}.`,
      at: { part: "heading", index: h1.index, range: h1.heading.range },
      related: [{ at: { part: "title", range: titleRange(page) } }],
    });
  },
});
