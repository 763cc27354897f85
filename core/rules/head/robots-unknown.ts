import { robotsOf } from "../../page/robots-directives.ts";
import { guidance, rule } from "../rule.ts";
import { quote } from "../texts.ts";

export const headRobotsUnknown = rule({
  id: "head/robots-unknown",
  weight: "should",
  formats: ["html"],
  sees: ["metas", "headers"],
  finds: "a robots directive that no search engine knows",
  counted: ["# page has an unknown robots directive", "# pages have an unknown robots directive"],
  why: "What is not known is passed over without a word. Mostly it is a slip of the pen: “no-index” for “noindex”.",
  source: guidance("search engines' documentation of the robots meta element"),
  check(page, report) {
    for (const { name, by } of robotsOf(page).unknown) {
      report({
        message: `${quote(name, 40)} in ${by === "header" ? "the X-Robots-Tag header" : "the robots element"} is no directive that search engines know.`,
        at: { part: "head", range: page.metas.find((meta) => meta.name === "robots")?.range ?? null },
      });
    }
  },
});
