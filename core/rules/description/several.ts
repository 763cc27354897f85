import { descriptionElements } from "../../page/page.ts";
import { guidance, rule } from "../rule.ts";
import { counted } from "../texts.ts";

export const descriptionSeveral = rule({
  id: "description/several",
  weight: "must",
  formats: ["html", "markdown", "fields"],
  sees: ["metas"],
  finds: "more than one meta description",
  counted: ["# page has more than one meta description", "# pages have more than one meta description"],
  why: "Usually a theme and an extension each write one. The first is used; which one an editor changes is a matter of luck.",
  source: guidance("search engines' documentation of meta elements: one description a page"),
  check(page, report) {
    const all = descriptionElements(page);
    const second = all[1];
    if (!second) return;
    report({
      message: `The page has ${counted(all.length, "meta description")}; the first is used. The others have to be taken out of the source.`,
      at: { part: "description", range: second.range },
    });
  },
});
