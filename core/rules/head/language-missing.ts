import { rule, standard } from "../rule.ts";

export const headLanguageMissing = rule({
  id: "head/language-missing",
  weight: "must",
  formats: ["html"],
  sees: ["language"],
  finds: "no language on the html element",
  counted: ["# page names no language", "# pages name no language"],
  why: "A screen reader then speaks in the wrong voice, and browsers offer translations that nobody needs.",
  source: standard("WCAG 2.2, 3.1.1; HTML Living Standard 3.2.6.2"),
  check(page, report) {
    if (page.language && page.language.value.trim() !== "") return;
    const message = page.language
      ? "The html element's lang attribute is empty."
      : "The html element does not say which language the page is in.";
    report({ message, at: { part: "head", range: page.language?.range ?? null } });
  },
});
