import { titleOf } from "../../page/page.ts";
import { withoutBrand } from "../../settings/without-brand.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote, titleRange } from "../texts.ts";

const SEPARATOR = /\s+([|–—·•»>:-])\s+/g;

export const titleSeparators = rule({
  id: "title/separators",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["titles"],
  fromFacets: true,
  heeds: ["brand"],
  finds: "mixed or doubled separators",
  counted: ["# title has mixed or doubled separators", "# titles have mixed or doubled separators"],
  why: "Two kinds of separator in one title come from two systems that each added theirs. One kind, used once or twice, reads best.",
  source: commonPractice(),
  check(page, report, { houseStyle }) {
    const title = titleOf(page).slice(0, 2000);
    const doubled =
      /(?<![\p{L}\p{N}])[|–—·•»>-]\s*[|–—·•»>-]|[|–—·•»>-]\s*[|–—·•»>-](?![\p{L}\p{N}])|^[|–—·•»>-]\s|\s[|–—·•»>-]$/u.exec(
        title,
      );
    // What parts the site's name from the rest is one thing, a dash within the rest another.
    const kinds = new Set([...withoutBrand(title, houseStyle.brand).matchAll(SEPARATOR)].map((m) => m[1]));
    if (doubled) {
      const words = { start: doubled.index, end: doubled.index + doubled[0].length };
      report({
        message: `A separator stands alone or twice: ${quote(doubled[0].trim())}.`,
        at: { part: "title", words, range: titleRange(page) },
      });
    } else if (kinds.size > 1) {
      report({
        message: `The title mixes separators: ${[...kinds].join(" and ")}.`,
        at: { part: "title", range: titleRange(page) },
      });
    }
  },
});
