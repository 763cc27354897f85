import { rule } from "../rule.ts";
import { counted } from "../texts.ts";

export const markupSectionWithoutHeading = rule({
  id: "markup/section-without-heading",
  weight: "may",
  formats: ["html"],
  sees: ["sections"],
  finds: "section elements without a heading or a name",
  counted: ["# page has sections without a heading or a name", "# pages have sections without a heading or a name"],
  why: "The standard means section for a part that would stand in an outline. Where it only serves the looks, a div says so.",
  source: { kind: "standard", text: "HTML Living Standard 4.3.3 (the section element)" },
  check(page, report) {
    const without = page.sections.filter(({ named }) => !named);
    const [first] = without;
    if (!first) return;
    report({
      message: `${counted(without.length, "section element")} ${without.length === 1 ? "has" : "have"} neither heading nor name.`,
      at: { part: "markup", range: first.range },
    });
  },
});
