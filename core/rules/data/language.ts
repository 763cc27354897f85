import { isLanguageTag } from "../../page/language-tag.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn, valuesIn } from "./data-rule.ts";

export const dataLanguage = dataRule({
  id: "data/language",
  weight: "should",
  finds: "a language that is no BCP 47 tag",
  counted: [
    "# page has a language in its data that is no BCP 47 tag",
    "# pages have a language in their data that is no BCP 47 tag",
  ],
  why: "“English” can be read by people only. Data says en or en-GB.",
  source: standard("BCP 47 (RFC 5646)"),
  check(data, report) {
    for (const { property, text, value } of textsIn(data, ({ name }) => name === "inLanguage")) {
      if (isLanguageTag(text)) continue;
      report({
        message: `${quote(property.written)} names no language: ${quote(text, 40)}. British English is en-GB.`,
        at: placeOf(data, value.place),
      });
    }
    for (const { value } of valuesIn(data)) {
      if (value.kind === "text" && value.language !== null && !isLanguageTag(value.language))
        report({
          message: `${quote(value.language)} names no language. British English is en-GB.`,
          at: placeOf(data, value.place),
        });
    }
  },
});
