import { rule, standard } from "../rule.ts";

export const headCharsetNotUtf8 = rule({
  id: "head/charset-not-utf8",
  weight: "should",
  formats: ["html"],
  sees: ["metas", "charset"],
  finds: "a character set other than UTF-8",
  counted: ["# page is in another character set than UTF-8", "# pages are in another character set than UTF-8"],
  why: "The standard asks for UTF-8. Older sets work, but lack characters, and forms send broken text.",
  source: standard("HTML Living Standard 4.2.5.4"),
  check(page, report) {
    if (page.charset.name === "utf-8" || page.charset.by === "fallback") return;
    const meta = page.metas.find((m) => m.charset !== null || m.httpEquiv === "content-type");
    report({ message: `The page is in ${page.charset.name}.`, at: { part: "head", range: meta?.range ?? null } });
  },
});
