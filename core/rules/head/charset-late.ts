import { rule, standard } from "../rule.ts";

export const headCharsetLate = rule({
  id: "head/charset-late",
  weight: "should",
  formats: ["html"],
  sees: ["metas", "charset", "source"],
  finds: "a character set that is not within the first 1,024 bytes",
  counted: ["# page names its character set too late", "# pages name their character set too late"],
  why: "Browsers look for it in the first 1,024 bytes only, and read the page anew or wrongly when it comes later.",
  source: standard("HTML Living Standard 4.2.5.4"),
  check(page, report) {
    const meta = page.metas.find(
      (m) => m.charset !== null || (m.httpEquiv === "content-type" && /charset/i.test(m.content ?? "")),
    );
    if (!meta?.range) return;
    // Characters outside ASCII take more bytes than their offsets say.
    const bytes = new TextEncoder().encode(page.source.slice(0, meta.range.startEnd)).length + page.charset.bom;
    if (bytes <= 1024) return;
    report({
      message: "The character set stands behind the first 1,024 bytes. Move it to the top of the head.",
      at: { part: "head", range: meta.range },
    });
  },
});
