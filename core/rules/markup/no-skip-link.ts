import { rule, standard } from "../rule.ts";
import { counted } from "../texts.ts";

export const markupNoSkipLink = rule({
  id: "markup/no-skip-link",
  weight: "may",
  formats: ["html"],
  sees: ["links", "landmarks"],
  finds: "many links before the content, without one to skip them",
  counted: [
    "# page has many links before its content and none to skip them",
    "# pages have many links before their content and none to skip them",
  ],
  why: "Whoever uses the keyboard goes through all of them on every page. Headings and landmarks help those who listen; a link to the content helps all.",
  source: standard("WCAG 2.2, 2.4.1, technique G1"),
  check(page, report) {
    const main = page.landmarks.find(({ kind }) => kind === "main");
    const end = main?.range.start ?? page.landmarks.find(({ kind }) => kind === "navigation")?.range.end;
    if (end === undefined) return;
    const before = page.links.filter(({ range, silent }) => range.start < end && !silent);
    if (before.length < 6 || before[0]?.href.startsWith("#")) return;
    report({
      message: `${counted(before.length, "link")} come before the content, and the first of them does not lead to it.`,
      at: { part: "markup" },
    });
  },
});
