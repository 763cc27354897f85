import { rule, standard } from "../rule.ts";
import { counted, quote } from "../texts.ts";

/** WCAG counts what takes longer than twenty hours as no limit of time. */
const TWENTY_HOURS = 72_000;

export const headMetaRefresh = rule({
  id: "head/meta-refresh",
  weight: "should",
  formats: ["html"],
  sees: ["metas"],
  finds: "a page that reloads itself, or goes elsewhere by itself",
  counted: [
    "# page reloads itself or goes elsewhere by itself",
    "# pages reload themselves or go elsewhere by themselves",
  ],
  why: "Who reads slowly or listens is thrown back to the beginning or off the page. A page that has moved is better redirected by the server, which search engines follow for sure.",
  source: standard("WCAG 2.2, 2.2.1, failures F40 and F41"),
  check(page, report) {
    for (const { httpEquiv, content, range } of page.metas) {
      if (httpEquiv !== "refresh") continue;
      const match = /^\s*(\d+)(?:\.\d*)?\s*(?:[;,]?\s*(?:url\s*=\s*)?(.*))?$/is.exec(content ?? "");
      if (!match) continue;
      const seconds = Number(match[1]);
      const to = (match[2] ?? "").trim().replace(/^["']|["']$/g, "");
      if (seconds > TWENTY_HOURS) continue;
      const after = seconds === 0 ? "at once" : `after ${counted(seconds, "second")}`;
      report({
        message: to ? `The page goes to ${quote(to, 60)} by itself ${after}.` : `The page loads itself again ${after}.`,
        at: { part: "head", range },
      });
    }
  },
});
