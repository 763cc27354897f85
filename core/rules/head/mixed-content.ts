import { rule, standard } from "../rule.ts";
import { counted, quote } from "../texts.ts";

export const headMixedContent = rule({
  id: "head/mixed-content",
  weight: "should",
  formats: ["html"],
  sees: ["insecure", "address"],
  finds: "pictures, styles or frames that an https page loads over http",
  counted: ["# page loads parts over http", "# pages load parts over http"],
  why: "Browsers block scripts, styles and frames that come unprotected, and load pictures from https instead, which fails where the server has none.",
  source: standard("Mixed Content (W3C), 4 and 5"),
  check(page, report) {
    if (!page.address.startsWith("https:")) return;
    const [first, ...more] = page.insecure;
    if (!first) return;
    report({
      message: `${quote(first.address, 80)} is loaded over http by a ${first.tag} element${more.length > 0 ? `, and ${counted(more.length, "more file")} like it` : ""}.`,
      at: { part: "markup", range: first.range },
    });
  },
});
