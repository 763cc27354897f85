import { isIsbn } from "../../structured-data/formats.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn } from "./data-rule.ts";

export const dataIsbn = dataRule({
  id: "data/isbn",
  weight: "must",
  finds: "a book number whose check digit is wrong",
  counted: [
    "# page has structured data with a book number with a wrong check digit",
    "# pages have structured data with a book number with a wrong check digit",
  ],
  why: "The last digit proves the others.",
  source: standard("ISO 2108"),
  check(data, report) {
    for (const { text, value } of textsIn(data, ({ name }) => name === "isbn")) {
      if (isIsbn(text)) continue;
      report({
        message: `${quote(text, 30)} is no book number: it has ten or thirteen digits, and the last proves the others.`,
        at: placeOf(data, value.place),
      });
    }
  },
});
