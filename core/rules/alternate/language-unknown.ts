import { isLanguageTag, unknownRegion } from "../../page/language-tag.ts";
import { guidance, rule } from "../rule.ts";
import { quote } from "../texts.ts";

export const alternateLanguageUnknown = rule({
  id: "alternate/language-unknown",
  weight: "should",
  formats: ["html"],
  sees: ["headLinks"],
  finds: "an hreflang that names no language",
  counted: ["# page has an hreflang that names no language", "# pages have an hreflang that names no language"],
  why: "A version in an unknown language is passed over. It is a language, with a country where that matters: en, en-GB, or x-default for all others. A country alone is not enough.",
  source: guidance("search engines' documentation of hreflang; BCP 47"),
  check(page, report) {
    for (const { rel, hreflang, range } of page.headLinks) {
      if (!rel.includes("alternate") || hreflang === null) continue;
      const tag = hreflang.trim();
      if (/^x-default$/i.test(tag)) continue;
      const region = isLanguageTag(tag) ? unknownRegion(tag) : null;
      if (isLanguageTag(tag) && region === null) continue;
      report({
        message:
          region === null
            ? `The hreflang ${quote(tag, 40)} names no language.`
            : `The hreflang ${quote(tag, 40)} names no country${region ? `: ${tag.split("-").at(-1)} is written ${region}` : ""}.`,
        at: { part: "head", range },
      });
    }
  },
});
