import { contentHeadings } from "../../page/body.ts";
import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted } from "../texts.ts";

export const headingTooFewH2 = rule({
  id: "heading/too-few-h2",
  weight: "may",
  off: true,
  formats: ["html", "markdown"],
  sees: ["headings"],
  finds: "fewer H2s than the house style wants",
  counted: [
    "# page has fewer H2s than the house style asks for",
    "# pages have fewer H2s than the house style asks for",
  ],
  why: "Writers' standards often want five main parts in an article, so that it can be scanned. A short page needs none, which is why this is off until a house style turns it on for a kind of page.",
  source: commonPractice(),
  settings: { least: count(5, "A page has at least {least} H2s.") },
  check(page, report, { settings }) {
    const content = contentHeadings(page);
    const h2s = content.filter(({ heading }) => heading.level === 2).length;
    if (h2s >= settings.least) return;
    const [first] = content;
    const message = `The page has ${counted(h2s, "H2")}; the house style wants ${settings.least}.`;
    report(
      first
        ? { message, at: { part: "heading", index: first.index, range: first.heading.range } }
        : { message, at: { part: "markup" } },
    );
  },
});
