import { rule, standard } from "../rule.ts";

export const headViewportBlocksZoom = rule({
  id: "head/viewport-blocks-zoom",
  weight: "should",
  formats: ["html"],
  sees: ["metas"],
  finds: "a viewport that keeps people from enlarging the page",
  counted: ["# page keeps people from enlarging it", "# pages keep people from enlarging them"],
  why: "Who sees badly has to be able to enlarge text to twice its size.",
  source: standard("WCAG 2.2, 1.4.4"),
  check(page, report) {
    for (const meta of page.metas) {
      if (meta.name !== "viewport") continue;
      const content = meta.content ?? "";
      const scale = /maximum-scale\s*=\s*([\d.]+)/i.exec(content);
      const fixed = /user-scalable\s*=\s*(?:no|0)\b/i.test(content);
      if (!fixed && !(scale && Number(scale[1]) < 2)) continue;
      report({
        message: fixed
          ? "“user-scalable=no” keeps people from enlarging the page."
          : `“${scale?.[0]}” keeps people from enlarging the page to twice its size.`,
        at: { part: "head", range: meta.range },
      });
    }
  },
});
