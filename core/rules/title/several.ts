import { rule, standard } from "../rule.ts";
import { counted } from "../texts.ts";

export const titleSeveral = rule({
  id: "title/several",
  weight: "must",
  formats: ["html", "markdown", "fields"],
  sees: ["titles"],
  finds: "more than one title element in the head",
  counted: ["# page has more than one title", "# pages have more than one title"],
  why: "A page may have one title. Browsers take the first; the others do nothing, and an editor who changes the wrong one sees no effect.",
  source: standard("HTML Living Standard 4.2.2"),
  check(page, report) {
    const inHead = page.titles.filter((title) => title.where === "head");
    const second = inHead[1];
    if (!second) return;
    report({
      message: `The head holds ${counted(inHead.length, "title")}; only the first counts. The others have to be taken out of the source.`,
      at: { part: "title", range: second.range },
    });
  },
});
