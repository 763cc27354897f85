import { rule, standard } from "../rule.ts";

export const headBodyElementInHead = rule({
  id: "head/body-element-in-head",
  weight: "must",
  formats: ["html"],
  sees: ["headEndedBy"],
  finds: "an element that ends the head early",
  counted: ["# page has an element that ends the head early", "# pages have an element that ends the head early"],
  why: "The head holds only elements about the page. At the first other one the parser begins the body, and what follows, a canonical link for one, lands there and is not heeded.",
  source: standard("HTML Living Standard 13.2.6.4.4 (the “in head” insertion mode) and 4.2.1"),
  check(page, report) {
    const { headEndedBy } = page;
    if (!headEndedBy) return;
    report({
      message: `${headEndedBy.tag === null ? "Text" : `A ${headEndedBy.tag} element`} stands in the head and ends it: what follows is read as a part of the body.`,
      at: { part: "head", range: headEndedBy.range },
    });
  },
});
