import { rule, standard } from "../rule.ts";

export const headCharsetMissing = rule({
  id: "head/charset-missing",
  weight: "must",
  formats: ["html"],
  sees: ["metas", "charset"],
  finds: "no character set in the page, the header or a byte order mark",
  counted: ["# page names no character set", "# pages name no character set"],
  why: "Browsers then guess, and curly quotes, pound signs and accents turn into rubbish.",
  source: standard("HTML Living Standard 4.2.5.4"),
  check(page, report) {
    if (page.charset.by === "header" || page.charset.by === "byte-order-mark") return;
    const stated = page.metas.some(
      (meta) => meta.charset !== null || (meta.httpEquiv === "content-type" && /charset/i.test(meta.content ?? "")),
    );
    if (!stated)
      report({ message: "The page does not say which character set it is in.", at: { part: "head", range: null } });
  },
});
