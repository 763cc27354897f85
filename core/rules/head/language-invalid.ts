import { isLanguageTag } from "../../page/language-tag.ts";
import { languageOf } from "../../page/page.ts";
import { rule, standard } from "../rule.ts";
import { quote } from "../texts.ts";

export const headLanguageInvalid = rule({
  id: "head/language-invalid",
  weight: "must",
  formats: ["html"],
  sees: ["language"],
  finds: "a language that is no BCP 47 tag",
  counted: ["# page names a language that is no BCP 47 tag", "# pages name a language that is no BCP 47 tag"],
  why: "“en_GB” or “english” is passed over, as if nothing had been said.",
  source: standard("BCP 47 (RFC 5646); WCAG 2.2, 3.1.1"),
  check(page, report) {
    const tag = languageOf(page);
    if (tag === "" || isLanguageTag(tag)) return;
    report({
      message: `${quote(tag)} names no language. British English is en-GB, Welsh is cy.`,
      at: { part: "head", range: page.language?.range ?? null },
    });
  },
});
